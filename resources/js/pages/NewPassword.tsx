export { NewPasswordPage as default } from '@/features/sign-in';
