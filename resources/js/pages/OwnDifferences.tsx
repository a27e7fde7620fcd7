export { OwnDifferencesPage as default } from '@/features/own-differences';
