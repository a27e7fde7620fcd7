export { ProjectTrackerPage } from './ProjectTrackerPage';
export { TrackersPage } from './TrackersPage';
