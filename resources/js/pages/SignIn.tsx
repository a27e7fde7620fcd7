export { SignInPage as default } from '@/features/sign-in';
