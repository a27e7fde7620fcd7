export { NudgePage as default } from '@/features/nudge';
