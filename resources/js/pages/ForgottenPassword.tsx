export { ForgottenPasswordPage as default } from '@/features/sign-in';
