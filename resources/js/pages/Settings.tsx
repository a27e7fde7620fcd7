export { SettingsPage as default } from '@/features/settings';
