export { isEmpty, loadDemo } from './load';
