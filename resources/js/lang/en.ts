import { accountText } from './en/account';
import { accountsText } from './en/accounts';
import { auditTrailText } from './en/auditTrail';
import { compareText } from './en/compare';
import { filesText } from './en/files';
import { frontPageText } from './en/frontPage';
import { intakeText } from './en/intake';
import { learningText } from './en/learning';
import { leaveText } from './en/leave';
import { loadText } from './en/load';
import { messagesText } from './en/messages';
import { myFiguresText } from './en/myFigures';
import { officeText } from './en/office';
import { organisationText } from './en/organisation';
import { planText } from './en/plan';
import { projectsText } from './en/projects';
import { remainingText } from './en/remaining';
import { reportedText } from './en/reported';
import { reviewText } from './en/review';
import { sharedText } from './en/shared';
import { settingsText } from './en/settings';
import { signInText } from './en/signIn';
import { timesheetsText } from './en/timesheets';
import { weekText } from './en/week';

/** Every sentence of the interface in English. Other languages are modules of the same shape beside this one. */
const en = {
    ...accountText,
    ...accountsText,
    ...auditTrailText,
    ...compareText,
    ...filesText,
    ...frontPageText,
    ...intakeText,
    ...learningText,
    ...leaveText,
    ...loadText,
    ...messagesText,
    ...myFiguresText,
    ...officeText,
    ...organisationText,
    ...planText,
    ...projectsText,
    ...remainingText,
    ...reportedText,
    ...reviewText,
    ...settingsText,
    ...sharedText,
    ...signInText,
    ...timesheetsText,
    ...weekText,
};

export default en;

export type Language = typeof en;
