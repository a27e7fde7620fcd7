export { ForgottenPasswordPage } from './ForgottenPasswordPage';
export { NewPasswordPage } from './NewPasswordPage';
export { SignInCodePage } from './SignInCodePage';
export { SignInPage } from './SignInPage';
