export { ReportedPage as default } from '@/features/reported';
