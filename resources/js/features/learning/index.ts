export { LearningPage } from './LearningPage';
export { PastPlanRemark } from './PastPlanRemark';
export { pastForecastText } from './pastText';
