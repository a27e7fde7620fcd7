export { AuditTrailPage as default } from '@/features/office';
