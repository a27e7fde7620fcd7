export { PastedPeoplePage as default } from '@/features/people';
