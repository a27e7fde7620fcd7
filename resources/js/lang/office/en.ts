import { absenceKindsText } from '../en/absenceKinds';
import { accountText } from '../en/account';
import { accountsText } from '../en/accounts';
import { billingText } from '../en/billing';
import { clientSystemsText } from '../en/clientSystems';
import { expensesText } from '../en/expenses';
import { filesText } from '../en/files';
import { intakeText } from '../en/intake';
import { timeOfficeText } from '../en/office';
import { leaveText } from '../en/leave';
import { messagesText } from '../en/messages';
import { organisationText } from '../en/organisation';
import { ownFieldSettingsText } from '../en/ownFieldSettings';
import { payRulesText } from '../en/payRules';
import { scheduleText } from '../en/schedule';
import { settingsText } from '../en/settings';
import { trackersText } from '../en/trackers';
import { webhooksText } from '../en/webhooks';

/** Sentences of pages that few people open, in English: they are fetched with the first of those pages. */
const en = {
    ...absenceKindsText,
    ...accountText,
    ...accountsText,
    ...billingText,
    ...clientSystemsText,
    ...expensesText,
    ...filesText,
    ...intakeText,
    ...leaveText,
    ...messagesText,
    ...organisationText,
    ...ownFieldSettingsText,
    ...payRulesText,
    ...scheduleText,
    ...settingsText,
    ...timeOfficeText,
    ...trackersText,
    ...webhooksText,
};

export default en;

export type OfficeLanguage = typeof en;
