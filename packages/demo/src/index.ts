export { isLoaded, loadDemo } from './load';
