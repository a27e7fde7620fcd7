export { findingKey, explanationOf } from './finding';
export { SubmitPanel, type Part } from './SubmitPanel';
export type { Going } from './useSummary';
