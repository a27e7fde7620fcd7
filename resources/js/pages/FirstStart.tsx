export { FirstStartPage as default } from '@/features/first-start';
