import { apiText } from './en/api';
import { appointmentsText } from './en/appointments';
import { auditTrailText } from './en/auditTrail';
import { differencesText } from './en/differences';
import { compareText } from './en/compare';
import { frontPageText } from './en/frontPage';
import { learningText } from './en/learning';
import { loadText } from './en/load';
import { myFiguresText } from './en/myFigures';
import { ownFieldsText } from './en/ownFields';
import { planText } from './en/plan';
import { projectsText } from './en/projects';
import { remainingText } from './en/remaining';
import { reportedText } from './en/reported';
import { reviewText } from './en/review';
import { sharedText } from './en/shared';
import { signInText } from './en/signIn';
import { timesheetsText } from './en/timesheets';
import { monthText } from './en/month';
import { tasksText } from './en/tasks';
import { timerText } from './en/timer';
import { weekText } from './en/week';

/** Every sentence of the interface in English. Other languages are modules of the same shape beside this one. */
const en = {
    ...apiText,
    ...appointmentsText,
    ...auditTrailText,
    ...compareText,
    ...differencesText,
    ...frontPageText,
    ...learningText,
    ...loadText,
    ...myFiguresText,
    ...ownFieldsText,
    ...planText,
    ...projectsText,
    ...remainingText,
    ...reportedText,
    ...reviewText,
    ...sharedText,
    ...signInText,
    ...timesheetsText,
    ...monthText,
    ...tasksText,
    ...timerText,
    ...weekText,
};

export default en;

export type Language = typeof en;
