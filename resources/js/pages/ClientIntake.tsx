export { ClientIntakePage as default } from '@/features/intake';
