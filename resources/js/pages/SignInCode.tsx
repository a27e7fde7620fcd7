export { SignInCodePage as default } from '@/features/sign-in';
