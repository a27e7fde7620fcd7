export { RatesPage } from './RatesPage';
