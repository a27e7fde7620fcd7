export { HandingOverPage as default } from '@/features/handing-over';
