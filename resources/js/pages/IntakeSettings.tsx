export { IntakeSettingsPage as default } from '@/features/intake';
