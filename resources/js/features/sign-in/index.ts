export { SignInPage } from './SignInPage';
