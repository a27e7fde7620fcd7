export { ReferencePage as default } from '@/features/api-reference';
