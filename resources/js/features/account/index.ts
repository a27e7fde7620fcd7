export { AccountPage } from './AccountPage';
export { RecoveryCodesPage } from './RecoveryCodesPage';
export { SecondFactorPage } from './SecondFactorPage';
