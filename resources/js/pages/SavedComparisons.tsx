export { SavedComparisonsPage as default } from '@/features/saved-comparisons';
