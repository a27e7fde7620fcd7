<?php

declare(strict_types=1);

namespace Tests\Architecture;

/** Which part of the application may use which, stated once; the analysis and a test read it. */
final class Features
{
    /** What lies below the features, each with what it may use besides models and support. */
    public const KERNELS = [
        'AuditTrail' => [],
        'Lookup' => [],
        'Notices' => [],
        'Approval' => [],
        'Effort' => ['AuditTrail'],
        'Sheet' => ['Effort'],
        'OwnFields' => [],
        'ChargeCodes' => [],
        'Pay' => ['Effort', 'Sheet'],
        'Expenses' => ['AuditTrail', 'Approval', 'OwnFields'],
    ];

    /** Each feature, with the features that it may use; only what those offer. */
    public const USES = [
        'Load' => [],
        'Reported' => [],
        'Learning' => [],
        'Periods' => [],
        'Preferences' => [],
        'Rates' => [],
        'SecondFactor' => [],
        'SignIn' => ['SecondFactor'],
        'SingleSignOn' => ['SignIn'],
        'Passwords' => ['SignIn'],
        'AccessTokens' => [],
        'Account' => ['AccessTokens', 'SecondFactor', 'SignIn', 'Passwords'],
        'Accounts' => ['SecondFactor', 'SignIn', 'Passwords'],
        'StandIns' => [],
        'Timesheets' => [],
        'Plan' => [],
        'HouseRules' => [],
        'Remaining' => [],
        'Corrections' => [],
        'NotSubmitted' => [],
        'Week' => ['HouseRules', 'Remaining'],
        'Uploads' => [],
        'Receipts' => ['Uploads'],
        'Expenses' => ['HouseRules', 'Receipts', 'Week'],
        'Compare' => ['Expenses'],
        'ExpenseSettings' => [],
        'ExpenseStatements' => [],
        'Stretches' => ['Week'],
        'Timer' => ['Week'],
        'Appointments' => ['Week'],
        'Month' => ['Week'],
        'MyTasks' => ['Plan', 'Remaining', 'Stretches', 'Week'],
        'Submission' => ['HouseRules', 'Corrections'],
        'Projects' => ['Expenses', 'Remaining', 'NotSubmitted', 'Learning'],
        'Review' => ['HouseRules', 'Corrections', 'Expenses', 'Projects'],
        'DayReminder' => ['Week'],
        'PersonalData' => [],
        'Webhooks' => [],
        'TaskTracker' => ['Plan', 'Week'],
        'ScheduleFiles' => ['Plan', 'Uploads'],
        'ClientSystems' => ['Plan', 'Uploads'],
        'Billing' => ['ClientSystems', 'Periods'],
        'Intake' => ['Plan', 'Uploads'],
        'Settings' => ['PersonalData'],
        'Leave' => [],
        'Messages' => ['NotSubmitted', 'DayReminder', 'Leave'],
        'Calendars' => [],
        'People' => [],
        'Directory' => [],
        'OwnFieldSettings' => [],
        'PayRules' => [],
        'FirstStart' => ['Calendars', 'Leave', 'Passwords', 'SignIn'],
        'Operations' => [],
        'Office' => ['FirstStart', 'NotSubmitted', 'Operations', 'Periods', 'Rates', 'Webhooks'],
        'MyFigures' => ['Compare'],
        'FrontPage' => ['Compare', 'Load', 'Projects'],
    ];

    /** What each feature offers to others. All else is its own. */
    public const OFFERS = [
        'SecondFactor' => [
            'Actions\CheckFactor', 'Actions\FactorRefused', 'Actions\SetUpFactor', 'Actions\RemoveFactor', 'Actions\RenewRecoveryCodes', 'Actions\RequireFactor',
            'Queries\FactorState', 'Props\FactorProps',
        ],
        'SignIn' => [
            'Actions\BeginSignIn', 'Actions\ChangeAccess', 'Actions\ConfirmIdentity', 'Actions\SignInRefused', 'Actions\SignInSessions', 'Actions\SignInStep',
            'CurrentSignIn', 'SignedInPeople', 'Props\SignInProps', 'Requests\SignInCodeRequest',
        ],
        'Passwords' => ['Actions\InvitePeople', 'Actions\PasswordRefused', 'PasswordRules'],
        'HouseRules' => [
            'Queries\RulesInForce', 'Queries\SheetFindings', 'Queries\WeekFindings', 'Queries\EntryToCheck', 'Queries\FindingText', 'Props\FindingProps',
            'Actions\SaveFindings', 'Actions\ExplainFindings', 'Actions\Explanation', 'Requests\ExplanationRequest',
        ],
        'Stretches' => ['Actions\DrawStretch', 'Actions\StretchInput', 'Actions\StretchRefused'],
        'Remaining' => ['Actions\UpdateEstimate', 'Actions\EstimateInput', 'Actions\EstimateRefusal', 'Queries\RemainingOfTask', 'Props\EstimateProps', 'Props\TaskRemainingProps'],
        'Expenses' => ['Queries\ExpenseFindings', 'Queries\ExpenseRows', 'Props\ExpenseProps', 'Props\ExpenseReceiptProps'],
        'Receipts' => ['Queries\WaitingReceipts', 'Props\WaitingReceiptProps'],
        'Corrections' => ['Actions\EndCorrections'],
        'Leave' => ['Actions\RemindOfLeave', 'Actions\KeepAbsenceKinds'],
        'PersonalData' => ['Queries\LongGonePeople'],
        'Periods' => ['Queries\PeriodCheck', 'Queries\SettlingRows', 'Actions\Settlement'],
        'Rates' => ['Queries\RateTable'],
        'NotSubmitted' => ['Queries\MissingTimesheets', 'Queries\TimesheetOwner', 'Queries\TimesheetSubmissions', 'Actions\UnsubmittedTimesheet'],
        'Calendars' => ['Actions\KeepOrganisation', 'Actions\KeepHolidays', 'Queries\CountryHolidays'],
        'FirstStart' => ['Queries\FirstSteps', 'Props\FirstStepProps'],
        'Operations' => ['Queries\SystemHealth', 'Queries\HealthCheck', 'Queries\FailedJobs'],
        'Compare' => ['Queries\FrontComparisons', 'Queries\OwnComparison'],
        'Load' => ['Queries\LoadSummary'],
        'Learning' => ['Queries\PastForecasts', 'Props\PastForecastProps'],
        'Projects' => ['Queries\StatusReport', 'Queries\StatusLevel', 'Queries\ProjectList', 'Queries\ProjectFilter', 'Props\ProjectSummaryProps'],
        'Week' => ['Queries\WeekSheet', 'Props\WeekProps', 'Props\LineProps', 'Props\ProposalProps', 'Props\CellOutcome', 'Actions\SaveCells', 'Actions\CellInput', 'Actions\CellResult', 'Queries\RecordableTasks', 'Queries\RecordableTask', 'Queries\AssignmentsOf', 'Queries\QuickReading', 'Queries\KnownTasks'],
        'Webhooks' => ['Queries\WebhookPages'],
        'ClientSystems' => ['Actions\FindOpenWeeks'],
        'AccessTokens' => ['Queries\OwnTokens', 'Props\AccessTokenProps'],
        'DayReminder' => ['Queries\DayPencil', 'Queries\OpenDays'],
        'Uploads' => ['Actions\ReceiveUpload', 'Requests\UploadRequest'],
        'Plan' => ['Actions\AssignedNotices', 'Actions\PlanAuditTrail', 'Actions\SaveProject', 'Actions\ProjectSettings', 'Actions\PlanRefused', 'Actions\AddPlanLines', 'Actions\PlanLine', 'Actions\ChangePlan', 'Actions\PlanChange', 'Actions\RemovePlanRows', 'Actions\SetStretches', 'Actions\PlannedStretches', 'Actions\PlanNames', 'Actions\PlanText'],
    ];

    /** What files in and out may use of the features. */
    public const EXCHANGE_USES = ['HouseRules', 'Plan', 'Uploads'];
}
