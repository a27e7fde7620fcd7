export { PeoplePage as default } from '@/features/people';
