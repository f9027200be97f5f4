import { spawn } from 'node:child_process';
import { Sentence } from './say.mjs';
import { root } from './paths.mjs';

/**
 * Runs a command to its end.
 * @param options.quiet  keep the output unless it fails
 * @returns what it printed
 * @throws Sentence naming the command, with the end of its output, when it fails
 */
export function command(file, args, { env, cwd = root, quiet = true, input } = {}) {
  return new Promise((resolve, reject) => {
    const child = spawn(file, args, { cwd, env: { ...process.env, ...env }, stdio: ['pipe', 'pipe', 'pipe'] });
    let output = '';
    const keep = (chunk) => {
      output += chunk;
      if (!quiet) process.stdout.write(chunk);
    };
    child.stdout.on('data', keep);
    child.stderr.on('data', keep);
    child.on('error', (error) => reject(new Sentence(`${file} could not be started: ${error.message}`)));
    child.on('close', (code, signal) => {
      if (code === 0) resolve(output);
      else {
        const end = quiet ? `:\n${output.trim().split('\n').slice(-25).join('\n')}` : '.';
        reject(new Sentence(`\`${[file, ...args].join(' ')}\` failed (${signal ?? code})${end}`));
      }
    });
    if (input) child.stdin.write(input);
    child.stdin.end();
  });
}

/** Node's arguments that run a TypeScript file of the workspace. */
export function typescript(file) {
  return ['--import', 'tsx', file];
}
