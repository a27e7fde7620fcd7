<?php

declare(strict_types=1);

namespace Tests\App;

use App\Models\BillingFile;
use App\Models\BillingMapping;
use App\Models\ChargeCodePart;
use App\Models\ChargeCodeValue;
use App\Models\ClientContact;
use App\Models\ClientSystem;
use App\Models\Currency;
use App\Models\ExchangeRate;
use App\Models\Expense;
use App\Models\ExpenseCategory;
use App\Models\ExpenseStatement;
use App\Models\FileTransfer;
use App\Models\IntakeLink;
use App\Models\LeaveAllowance;
use App\Models\LeaveRequest;
use App\Models\MileageRate;
use App\Models\OwnField;
use App\Models\PayPremium;
use App\Models\PayRule;
use App\Models\Question;
use App\Models\Receipt;
use App\Models\Recorder;
use App\Models\ScheduledSetting;
use App\Models\StandIn;
use App\Models\Tracker;
use App\Models\Webhook;
use App\Models\WorkRequest;
use Illuminate\Routing\Route;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route as Router;
use PHPUnit\Framework\Attributes\DataProvider;

/** Who gets where: every route, with everybody. */
final class AccessTest extends TestCase
{
    /** What each kind of person gets: 2 for a page, 3 for being sent on, 4 for being refused. */
    private const TABLE = [
        'GET /' => ['ada' => 302, 'mo' => 200, 'lee' => 200, 'kit' => 200, 'vic' => 200],
        'GET /week' => ['ada' => 302, 'mo' => 302, 'lee' => 302, 'kit' => 302, 'vic' => 302],
        'GET /week/2026-W25' => ['ada' => 200, 'mo' => 200, 'lee' => 200, 'kit' => 200, 'vic' => 403],
        // mo manages the project that ada works on. cal has been named by ada; dot too, and may submit.
        'GET /people/ada/week/2026-W25' => ['ada' => 200, 'bo' => 403, 'mo' => 200, 'lee' => 200, 'kit' => 200, 'vic' => 403, 'cal' => 200, 'dot' => 200],
        'GET /people/ada/week/2026-W25/pencil' => ['ada' => 200, 'bo' => 403, 'mo' => 403, 'lee' => 200, 'kit' => 200, 'vic' => 403, 'cal' => 200],
        'PUT /people/ada/week/2026-W25/cells' => ['ada' => 422, 'bo' => 422, 'vic' => 422],
        'GET /people/ada/week/2026-W25/lines' => ['ada' => 200, 'bo' => 403, 'mo' => 403, 'lee' => 200, 'kit' => 200, 'vic' => 403, 'cal' => 200],
        'PUT /people/ada/week/2026-W25/lines' => ['ada' => 302, 'bo' => 302],
        'DELETE /people/ada/week/2026-W25/lines' => ['ada' => 302, 'bo' => 302],
        'GET /people/ada/week/2026-W25/charge-code' => ['ada' => 200, 'bo' => 403, 'mo' => 403, 'lee' => 200, 'kit' => 200, 'vic' => 403, 'cal' => 200],
        'PUT /people/ada/week/2026-W25/charge-code' => ['ada' => 302, 'bo' => 403, 'mo' => 403, 'lee' => 302, 'vic' => 403, 'cal' => 302],
        'POST /people/ada/week/2026-W25/stretches' => ['ada' => 200, 'bo' => 403, 'mo' => 403, 'lee' => 200, 'kit' => 200, 'vic' => 403, 'cal' => 200],
        'POST /people/ada/week/2026-W25/stretches/ink' => ['ada' => 409, 'bo' => 403, 'vic' => 403],
        'PUT /people/ada/week/2026-W25/stretches/999' => ['ada' => 409, 'bo' => 403, 'mo' => 403, 'lee' => 409, 'vic' => 403, 'cal' => 409],
        'POST /people/ada/week/2026-W25/stretches/999/split' => ['ada' => 409, 'bo' => 403, 'vic' => 403],
        'DELETE /people/ada/week/2026-W25/stretches/999' => ['ada' => 409, 'bo' => 403, 'vic' => 403],
        'GET /appointments' => ['ada' => 200, 'kit' => 200, 'vic' => 403],
        'POST /appointments/calendars' => ['ada' => 302, 'vic' => 403],
        'POST /appointments/calendars/1/reading' => ['ada' => 404, 'vic' => 404],
        'DELETE /appointments/calendars/1' => ['ada' => 404],
        'PUT /appointments/1/task' => ['ada' => 404],
        'PUT /appointments/1/left-out' => ['ada' => 404],
        'DELETE /appointments/left-out/1' => ['ada' => 404],
        'POST /appointments/feed' => ['ada' => 302, 'vic' => 403],
        'DELETE /appointments/feed' => ['ada' => 302, 'vic' => 403],
        'GET /service-worker.js' => ['ada' => 200, 'vic' => 200],
        'GET /time/aaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaa.ics' => ['ada' => 404],
        'GET /month' => ['ada' => 302, 'mo' => 302, 'vic' => 403],
        'GET /month/2026-06' => ['ada' => 200, 'mo' => 200, 'kit' => 200, 'vic' => 403],
        'PUT /month/2026-06/cells' => ['ada' => 200, 'vic' => 403],
        'POST /month/2026-06/filled' => ['ada' => 302, 'vic' => 403],
        'DELETE /month/2026-06/filled' => ['ada' => 302, 'vic' => 403],
        'GET /tasks' => ['ada' => 200, 'mo' => 200, 'kit' => 200, 'vic' => 403],
        'POST /tasks' => ['ada' => 302, 'vic' => 403],
        'PUT /tasks/pinned' => ['ada' => 302, 'vic' => 403],
        'POST /tasks/1/picked-up' => ['ada' => 302, 'vic' => 403],
        'GET /timer' => ['ada' => 200, 'mo' => 200, 'kit' => 200, 'vic' => 403],
        'POST /timer' => ['ada' => 200, 'bo' => 409, 'vic' => 403],
        'PUT /timer/pause' => ['ada' => 409, 'vic' => 403],
        'PUT /timer/resume' => ['ada' => 409, 'vic' => 403],
        'PUT /timer/note' => ['ada' => 409, 'vic' => 403],
        'PUT /timer/stop' => ['ada' => 409, 'vic' => 403],
        'DELETE /timer' => ['ada' => 409, 'vic' => 403],
        'GET /people/ada/week/2026-W25/quick-line' => ['ada' => 200, 'bo' => 403, 'mo' => 403, 'lee' => 200, 'kit' => 200, 'vic' => 403, 'cal' => 200],
        'GET /people/ada/week/2026-W25/audit-trail' => ['ada' => 200, 'bo' => 403, 'mo' => 200, 'lee' => 200, 'kit' => 200, 'vic' => 403, 'cal' => 200],
        'GET /people/ada/week/2026-W25/findings' => ['ada' => 200, 'bo' => 403, 'mo' => 200, 'lee' => 200, 'kit' => 200, 'vic' => 403, 'cal' => 200],
        'PUT /people/ada/week/2026-W25/findings' => ['ada' => 200, 'bo' => 403, 'mo' => 403, 'lee' => 200, 'kit' => 200, 'vic' => 403, 'cal' => 200],
        'PUT /people/ada/week/2026-W25/spans' => ['ada' => 200, 'bo' => 403, 'mo' => 403, 'lee' => 200, 'vic' => 403],
        'POST /people/ada/week/2026-W25/corrections' => ['ada' => 302, 'bo' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 403, 'vic' => 403, 'dot' => 302],
        'DELETE /people/ada/week/2026-W25/corrections/1' => ['ada' => 302, 'bo' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 403, 'vic' => 403, 'dot' => 302],
        'GET /people/ada/days/2026-W25/submission' => ['ada' => 200, 'bo' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 403, 'vic' => 403, 'cal' => 403, 'dot' => 200],
        'POST /people/ada/days/2026-W25/submission' => ['ada' => 302, 'bo' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 403, 'vic' => 403, 'cal' => 403, 'dot' => 302],
        'DELETE /people/ada/days/2026-W25/submission' => ['ada' => 302, 'bo' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 403, 'vic' => 403, 'cal' => 403, 'dot' => 302],
        'GET /people/vic/week/2026-W25' => ['kit' => 200, 'ada' => 403],
        'GET /people/ada/week/2026-W60' => ['ada' => 404],
        'GET /my-figures' => ['ada' => 200, 'mo' => 200, 'kit' => 200, 'vic' => 403],
        'PUT /office/rates/bill-value' => ['ada' => 403, 'mo' => 403, 'kit' => 302, 'vic' => 403],
        'GET /past-tasks' => ['ada' => 403, 'mo' => 200, 'lee' => 200, 'kit' => 200, 'vic' => 403],
        'GET /projects/LENS/plan/past' => ['ada' => 403, 'mo' => 200, 'lee' => 403, 'kit' => 200, 'vic' => 403],
        'GET /reported' => ['ada' => 403, 'mo' => 200, 'lee' => 200, 'kit' => 200, 'vic' => 200],
        'GET /load' => ['ada' => 403, 'bo' => 403, 'mo' => 200, 'lee' => 200, 'kit' => 200, 'vic' => 403],
        'GET /compare/asked' => ['ada' => 403, 'mo' => 200, 'lee' => 200, 'kit' => 200, 'vic' => 200],
        'GET /comparisons' => ['ada' => 403, 'mo' => 200, 'lee' => 200, 'kit' => 200, 'vic' => 200],
        'POST /comparisons' => ['ada' => 302, 'kit' => 302],
        'PUT /comparisons/front-page' => ['ada' => 302, 'kit' => 302],
        // There is none yet; who may see one is in SavedComparisonsTest.
        'GET /comparisons/1' => ['ada' => 404, 'kit' => 404],
        'PUT /comparisons/1' => ['ada' => 404, 'kit' => 404],
        'DELETE /comparisons/1' => ['ada' => 404, 'kit' => 404],
        'PUT /comparisons/1/sharing' => ['ada' => 404, 'kit' => 404],
        'PUT /comparisons/1/mail' => ['ada' => 404, 'kit' => 404],
        'DELETE /comparisons/1/mail' => ['ada' => 404, 'kit' => 404],
        'GET /outbox/1/attachments/1' => ['ada' => 404, 'kit' => 404],
        'GET /calendar/2026' => ['ada' => 200, 'kit' => 200, 'vic' => 200],
        'GET /lookup/people' => ['ada' => 200, 'mo' => 200, 'lee' => 200, 'kit' => 200, 'vic' => 200],
        'GET /timesheets' => ['ada' => 200, 'mo' => 200, 'lee' => 200, 'kit' => 200, 'vic' => 403],
        'PUT /timesheets/recorders/bo' => ['ada' => 302, 'bo' => 403, 'kit' => 302, 'vic' => 403],
        'PUT /timesheets/recorders/vic' => ['ada' => 403],
        'DELETE /timesheets/recorders/cal' => ['ada' => 302, 'bo' => 302, 'vic' => 403],
        'PUT /preferences/arrangement' => ['ada' => 302, 'kit' => 302, 'vic' => 302],
        // The first task is of mo's project.
        'GET /people/ada/tasks/1/remaining' => ['ada' => 200, 'bo' => 403, 'mo' => 200, 'lee' => 200, 'kit' => 200, 'vic' => 200, 'cal' => 200],
        'PUT /people/ada/tasks/1/remaining' => ['ada' => 200, 'bo' => 403, 'mo' => 200, 'lee' => 200, 'kit' => 200, 'vic' => 403, 'cal' => 200],
        'DELETE /people/ada/tasks/1/remaining' => ['ada' => 422, 'bo' => 403, 'mo' => 422, 'lee' => 422, 'kit' => 422, 'vic' => 403, 'cal' => 422],
        'POST /projects/LENS/estimates/1' => ['ada' => 403, 'mo' => 404, 'lee' => 404, 'kit' => 404, 'vic' => 403],
        'PUT /projects/LENS/tasks/1/done' => ['ada' => 403, 'mo' => 302, 'lee' => 403, 'kit' => 302, 'vic' => 403],
        'PUT /projects/OLD/tasks/1/done' => ['mo' => 404],
        'GET /people/zoe/week/2026-W25' => ['ada' => 404],
        'GET /review' => ['ada' => 200, 'mo' => 200, 'lee' => 200, 'kit' => 200, 'vic' => 403],
        'POST /review/decisions' => ['ada' => 302, 'mo' => 302, 'lee' => 302, 'kit' => 302, 'vic' => 403],
        'GET /review/effect' => ['ada' => 200, 'mo' => 200, 'kit' => 200, 'vic' => 403],
        'DELETE /review/decisions/1' => ['ada' => 302, 'kit' => 302, 'vic' => 403],
        'DELETE /review/expenses/1' => ['ada' => 302, 'mo' => 302, 'lee' => 302, 'kit' => 302, 'vic' => 403],
        'POST /review/expenses' => ['ada' => 302, 'kit' => 302, 'vic' => 403],
        'POST /review/in-order' => ['ada' => 302, 'kit' => 302, 'vic' => 403],
        'POST /review/reopening' => ['ada' => 302, 'kit' => 302, 'vic' => 403],
        'POST /review/corrections' => ['ada' => 302, 'kit' => 302, 'vic' => 403],
        'PUT /review/phrases' => ['ada' => 302, 'kit' => 302, 'vic' => 403],
        'DELETE /review/phrases' => ['ada' => 302, 'kit' => 302, 'vic' => 403],
        'GET /compare' => ['ada' => 403, 'mo' => 200, 'lee' => 200, 'kit' => 200, 'vic' => 200],
        'GET /compare.csv' => ['ada' => 403, 'mo' => 200, 'lee' => 200, 'kit' => 200, 'vic' => 200],
        'GET /projects' => ['ada' => 403, 'mo' => 200, 'lee' => 200, 'kit' => 200, 'vic' => 200],
        'GET /projects/LENS' => ['ada' => 403, 'mo' => 200, 'lee' => 403, 'kit' => 200, 'vic' => 200],
        'GET /projects/OWN' => ['ada' => 403, 'mo' => 403, 'kit' => 200, 'vic' => 200],
        'GET /new-project' => ['ada' => 403, 'mo' => 200, 'lee' => 200, 'kit' => 200, 'vic' => 403],
        'POST /projects' => ['ada' => 403, 'mo' => 302, 'lee' => 302, 'kit' => 302, 'vic' => 403],
        'PUT /projects/LENS' => ['ada' => 403, 'mo' => 302, 'lee' => 403, 'kit' => 302, 'vic' => 403],
        // lee may begin projects, but not from one that lee may not see.
        'POST /projects/LENS/copy' => ['ada' => 403, 'mo' => 302, 'lee' => 403, 'kit' => 302, 'vic' => 403],
        'PUT /projects/LENS/baseline' => ['ada' => 403, 'mo' => 302, 'lee' => 403, 'kit' => 302, 'vic' => 403],
        'GET /projects/LENS/plan' => ['ada' => 403, 'mo' => 200, 'lee' => 403, 'kit' => 200, 'vic' => 200],
        'PUT /projects/LENS/plan' => ['ada' => 403, 'mo' => 200, 'lee' => 403, 'kit' => 200, 'vic' => 403],
        'POST /projects/LENS/plan' => ['ada' => 403, 'mo' => 200, 'lee' => 403, 'kit' => 200, 'vic' => 403],
        'PUT /projects/LENS/plan/removed' => ['ada' => 403, 'mo' => 200, 'lee' => 403, 'kit' => 200, 'vic' => 403],
        'PUT /projects/LENS/plan/days' => ['ada' => 403, 'mo' => 200, 'lee' => 403, 'kit' => 200, 'vic' => 403],
        'GET /projects/LENS/plan/load' => ['ada' => 403, 'mo' => 200, 'lee' => 403, 'kit' => 200, 'vic' => 403],
        'GET /projects/NONE' => ['kit' => 404],
        'GET /office' => ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 200, 'vic' => 403],
        'GET /office/periods' => ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 200, 'vic' => 403],
        'GET /office/rules' => ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 200, 'vic' => 403],
        'GET /office/questions' => ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 200, 'vic' => 403],
        'GET /office/routes' => ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 200, 'vic' => 403],
        'GET /office/audit-trail' => ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 200, 'vic' => 403],
        'POST /office/periods' => ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 302, 'vic' => 403],
        'DELETE /office/periods' => ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 302, 'vic' => 403],
        'PUT /office/rules' => ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 302, 'vic' => 403],
        'DELETE /office/rules/1' => ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 302, 'vic' => 403],
        'POST /office/questions' => ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 302, 'vic' => 403],
        'PUT /office/routes' => ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 302, 'vic' => 403],
        'PUT /office/routes/LENS' => ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 302, 'vic' => 403],
        'GET /office/remaining' => ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 200, 'vic' => 403],
        'PUT /office/remaining' => ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 302, 'vic' => 403],
        'GET /office/rates' => ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 200, 'vic' => 403],
        'PUT /office/rates' => ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 302, 'vic' => 403],
        'POST /office/rates/readers' => ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 302, 'vic' => 403],
        'DELETE /office/rates/readers/mo' => ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 302, 'vic' => 403],
        'DELETE /office/rates/1' => ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 302, 'vic' => 403],
        'DELETE /office/questions/1' => ['ada' => 403, 'kit' => 302, 'vic' => 403],
        'GET /not-submitted' => ['ada' => 403, 'mo' => 403, 'lee' => 200, 'kit' => 200, 'vic' => 403],
        'POST /not-submitted/reminders' => ['ada' => 403, 'mo' => 403, 'lee' => 302, 'kit' => 302, 'vic' => 403],
        'PUT /office/periods/due' => ['ada' => 403, 'lee' => 403, 'kit' => 302, 'vic' => 403],
        'POST /office/periods/notice' => ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 302, 'vic' => 403],
        'GET /messages' => ['ada' => 200, 'kit' => 200, 'vic' => 200],
        'PUT /messages/read' => ['ada' => 200, 'vic' => 200],
        'PUT /messages/notifications' => ['ada' => 302, 'vic' => 302],
        'GET /outbox' => ['ada' => 200, 'kit' => 200, 'vic' => 200],
        'GET /outbox/1' => ['ada' => 404, 'kit' => 404],
        // Without its signature the link of a day reminder is nothing to anybody.
        'GET /day-reminder/ada/2026-06-17' => ['ada' => 403, 'kit' => 403, 'vic' => 403],
        'POST /day-reminder/ada/2026-06-17' => ['ada' => 403, 'kit' => 403, 'vic' => 403],
        'GET /leave' => ['ada' => 200, 'kit' => 200, 'vic' => 403],
        'GET /leave/calendar' => ['ada' => 200, 'bo' => 200, 'kit' => 200, 'vic' => 403],
        'GET /leave/requests' => ['ada' => 200, 'lee' => 200, 'kit' => 200, 'vic' => 403],
        // lee is ada's line manager; mo only manages a project.
        'GET /leave/of/ada' => ['ada' => 200, 'bo' => 403, 'mo' => 403, 'lee' => 200, 'kit' => 200, 'vic' => 403],
        'POST /leave/of/ada' => ['ada' => 302, 'bo' => 403, 'mo' => 403, 'vic' => 403],
        'GET /leave/of/ada/preview' => ['ada' => 200, 'bo' => 403, 'mo' => 403, 'lee' => 200, 'kit' => 200, 'vic' => 403],
        'GET /leave/of/ada/calendar.ics' => ['ada' => 200, 'bo' => 403, 'mo' => 403, 'lee' => 200, 'kit' => 200, 'vic' => 403],
        'POST /leave/of/ada/calendar-file' => ['ada' => 302, 'bo' => 403, 'mo' => 403, 'lee' => 302, 'vic' => 403],
        'PUT /leave/requests/1' => ['ada' => 302, 'bo' => 403, 'mo' => 403, 'vic' => 403],
        'DELETE /leave/requests/1' => ['ada' => 302, 'bo' => 403, 'mo' => 403, 'lee' => 302, 'vic' => 403],
        'POST /leave/requests/1/decision' => ['ada' => 403, 'bo' => 403, 'mo' => 403, 'lee' => 302, 'kit' => 302, 'vic' => 403],
        'POST /office/directory/teams/field/merge' => ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 302, 'vic' => 403],
        'GET /office/clients/of/harbour' => ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 200, 'vic' => 403],
        'PUT /office/clients/of/harbour' => ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 302, 'vic' => 403],
        'POST /office/clients/of/harbour/contacts' => ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 302, 'vic' => 403],
        'PUT /office/contacts/1' => ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 302, 'vic' => 403],
        'DELETE /office/contacts/1' => ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 302, 'vic' => 403],
        'PUT /office/calendars/coast' => ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 302, 'vic' => 403],
        'DELETE /office/calendars/coast' => ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 302, 'vic' => 403],
        'POST /office/calendars/coast/merge' => ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 302, 'vic' => 403],
        'POST /office/calendars/coast/copied-year' => ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 302, 'vic' => 403],
        'POST /office/calendars/coast/file' => ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 302, 'vic' => 403],
        // Whoever holds a signed link comes in, signed in or not; without its signature nobody does.
        'GET /intake/1' => ['ada' => 403, 'kit' => 403],
        'POST /intake/1' => ['ada' => 403, 'kit' => 403],
        'POST /intake/1/uploads' => ['ada' => 403, 'kit' => 403],
        'GET /intake/requests/1' => ['ada' => 403, 'kit' => 403],
        'POST /intake/requests/1' => ['ada' => 403, 'kit' => 403],
        'POST /uploads' => ['ada' => 201, 'kit' => 201, 'vic' => 201],
        'PUT /uploads/0123456789abcdef0123456789abcdef' => ['ada' => 404, 'kit' => 404],
        // The first request is ada's; intake is not open to everybody.
        'GET /requests' => ['ada' => 200, 'bo' => 403, 'mo' => 200, 'lee' => 200, 'kit' => 200, 'vic' => 403],
        'POST /requests' => ['ada' => 403, 'bo' => 403, 'mo' => 302, 'kit' => 302, 'vic' => 403],
        'GET /requests/1' => ['ada' => 200, 'bo' => 403, 'mo' => 200, 'kit' => 200, 'vic' => 403],
        'POST /requests/1/comments' => ['ada' => 302, 'bo' => 403, 'mo' => 302, 'kit' => 302, 'vic' => 403],
        'POST /requests/1/declined' => ['ada' => 403, 'bo' => 403, 'mo' => 302, 'kit' => 302, 'vic' => 403],
        'POST /requests/1/project' => ['ada' => 403, 'bo' => 403, 'mo' => 302, 'kit' => 302, 'vic' => 403],
        'GET /requests/1/files/1' => ['ada' => 404, 'kit' => 404],
        // The first transfer is an import that is checked.
        'GET /office/webhooks' => ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 200, 'vic' => 403],
        'POST /office/webhooks' => ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 302, 'vic' => 403],
        'GET /office/webhooks/1' => ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 200, 'vic' => 403],
        'PUT /office/webhooks/1' => ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 302, 'vic' => 403],
        'DELETE /office/webhooks/1' => ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 302, 'vic' => 403],
        'POST /office/webhooks/1/secret' => ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 302, 'vic' => 403],
        'POST /office/webhooks/1/test' => ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 302, 'vic' => 403],
        'GET /office/webhooks/1/messages/1' => ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 200, 'vic' => 403],
        'POST /office/webhooks/1/messages/1/again' => ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 302, 'vic' => 403],
        'GET /office/trackers' => ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 200, 'vic' => 403],
        'POST /office/trackers' => ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 302, 'vic' => 403],
        'DELETE /office/trackers/1' => ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 302, 'vic' => 403],
        'GET /projects/LENS/tracker' => ['ada' => 403, 'mo' => 200, 'lee' => 403, 'kit' => 200, 'vic' => 403],
        'POST /projects/LENS/tracker' => ['ada' => 403, 'mo' => 302, 'lee' => 403, 'kit' => 302, 'vic' => 403],
        'DELETE /projects/LENS/tracker' => ['ada' => 403, 'mo' => 404, 'lee' => 403, 'kit' => 404, 'vic' => 403],
        'POST /projects/LENS/tracker/sync' => ['ada' => 403, 'mo' => 404, 'lee' => 403, 'kit' => 404, 'vic' => 403],
        'PUT /projects/LENS/tracker/people/1' => ['ada' => 403, 'mo' => 404, 'lee' => 403, 'kit' => 404, 'vic' => 403],
        'PUT /projects/LENS/tracker/tasks/1' => ['ada' => 403, 'mo' => 404, 'lee' => 403, 'kit' => 404, 'vic' => 403],
        'GET /projects/LENS/schedule' => ['ada' => 403, 'mo' => 200, 'lee' => 403, 'kit' => 200, 'vic' => 200],
        'POST /projects/LENS/schedule' => ['ada' => 403, 'mo' => 302, 'lee' => 403, 'kit' => 302, 'vic' => 403],
        'DELETE /projects/LENS/schedule' => ['ada' => 403, 'mo' => 302, 'lee' => 403, 'kit' => 302, 'vic' => 403],
        'POST /projects/LENS/schedule/taken' => ['ada' => 403, 'mo' => 404, 'lee' => 403, 'kit' => 404, 'vic' => 403],
        'GET /projects/LENS/schedule/file.csv' => ['ada' => 403, 'mo' => 200, 'lee' => 403, 'kit' => 200, 'vic' => 200],
        'GET /office/billing' => ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 200, 'vic' => 403],
        'POST /office/billing' => ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 302, 'vic' => 403],
        'PUT /office/billing/mappings' => ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 302, 'vic' => 403],
        'DELETE /office/billing/mappings/1' => ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 302, 'vic' => 403],
        'GET /office/billing/1/file.csv' => ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 200, 'vic' => 403],
        'GET /client-systems' => ['ada' => 200, 'mo' => 200, 'kit' => 200, 'vic' => 200],
        'GET /office/own-fields' => ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 200, 'vic' => 403],
        'POST /office/own-fields' => ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 302, 'vic' => 403],
        'PUT /office/own-fields/tide' => ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 302, 'vic' => 403],
        'DELETE /office/own-fields/tide' => ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 302, 'vic' => 403],
        'PUT /office/clients/of/harbour/charge-codes' => ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 302, 'vic' => 403],
        'GET /expenses' => ['ada' => 302, 'kit' => 302, 'vic' => 403],
        'GET /people/ada/expenses/2026-W25' => ['ada' => 200, 'bo' => 403, 'mo' => 403, 'lee' => 200, 'kit' => 200, 'vic' => 403, 'cal' => 200],
        'POST /people/ada/expenses' => ['ada' => 302, 'bo' => 403, 'mo' => 403, 'lee' => 302, 'kit' => 302, 'vic' => 403, 'cal' => 302],
        'POST /people/ada/expenses/from-receipts' => ['ada' => 302, 'bo' => 403, 'mo' => 403, 'lee' => 302, 'vic' => 403],
        'PUT /people/ada/expenses/1' => ['ada' => 302, 'bo' => 403, 'mo' => 403, 'lee' => 302, 'vic' => 403],
        'DELETE /people/ada/expenses/1' => ['ada' => 302, 'bo' => 403, 'mo' => 403, 'lee' => 302, 'vic' => 403],
        'POST /people/ada/expenses/1/correction' => ['ada' => 302, 'bo' => 403, 'mo' => 403, 'lee' => 403, 'vic' => 403, 'cal' => 403, 'dot' => 302],
        'POST /people/ada/expenses/2026-W25/submission' => ['ada' => 302, 'bo' => 403, 'mo' => 403, 'lee' => 403, 'vic' => 403, 'cal' => 403, 'dot' => 302],
        'DELETE /people/ada/expenses/2026-W25/submission' => ['ada' => 302, 'bo' => 403, 'mo' => 403, 'lee' => 403, 'vic' => 403, 'cal' => 403, 'dot' => 302],
        'POST /people/ada/receipts' => ['ada' => 302, 'bo' => 403, 'mo' => 403, 'lee' => 302, 'vic' => 403, 'cal' => 302],
        'PUT /people/ada/receipts/reminder' => ['ada' => 302, 'bo' => 403, 'lee' => 403, 'kit' => 403, 'vic' => 403],
        // There is one, but its file is not.
        'GET /receipts/1' => ['ada' => 404, 'bo' => 403, 'mo' => 404, 'lee' => 404, 'kit' => 404, 'vic' => 403, 'cal' => 404],
        'DELETE /receipts/1' => ['ada' => 302, 'bo' => 403, 'mo' => 403, 'lee' => 302, 'vic' => 403],
        'GET /office/expenses' => ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 200, 'vic' => 403],
        'POST /office/expenses/categories' => ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 302, 'vic' => 403],
        'PUT /office/expenses/categories/1' => ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 302, 'vic' => 403],
        'DELETE /office/expenses/categories/1' => ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 302, 'vic' => 403],
        'POST /office/expenses/categories/1/mileage-rates' => ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 302, 'vic' => 403],
        'DELETE /office/expenses/mileage-rates/1' => ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 302, 'vic' => 403],
        'PUT /office/expenses/currencies' => ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 302, 'vic' => 403],
        'DELETE /office/expenses/currencies/1' => ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 302, 'vic' => 403],
        'DELETE /office/expenses/exchange-rates/1' => ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 302, 'vic' => 403],
        'GET /office/expense-statements' => ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 200, 'vic' => 403],
        'POST /office/expense-statements' => ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 302, 'vic' => 403],
        'GET /office/expense-statements/1.csv' => ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 200, 'vic' => 403],
        'GET /office/pay-rules' => ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 200, 'vic' => 403],
        'POST /office/pay-rules' => ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 302, 'vic' => 403],
        'PUT /office/pay-rules/1' => ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 302, 'vic' => 403],
        'DELETE /office/pay-rules/1' => ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 302, 'vic' => 403],
        'POST /office/pay-rules/premiums' => ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 302, 'vic' => 403],
        'PUT /office/pay-rules/premiums/1' => ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 302, 'vic' => 403],
        'DELETE /office/pay-rules/premiums/1' => ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 302, 'vic' => 403],
        'GET /office/client-systems' => ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 200, 'vic' => 403],
        'POST /office/client-systems' => ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 302, 'vic' => 403],
        'GET /office/client-systems/1' => ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 200, 'vic' => 403],
        'DELETE /office/client-systems/1' => ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 302, 'vic' => 403],
        'POST /office/client-systems/1/export' => ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 302, 'vic' => 403],
        'PUT /office/client-systems/1/people/1' => ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 404, 'vic' => 403],
        'GET /office/client-systems/1/hours.csv' => ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 200, 'vic' => 403],
        'GET /office/files' => ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 200, 'vic' => 403],
        'POST /office/files/imports' => ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 302, 'vic' => 403],
        'POST /office/files/exports' => ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 302, 'vic' => 403],
        'GET /office/files/1' => ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 200, 'vic' => 403],
        'GET /office/files/1/progress' => ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 200, 'vic' => 403],
        'POST /office/files/1/run' => ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 302, 'vic' => 403],
        'POST /office/files/1/taken-back' => ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 302, 'vic' => 403],
        'DELETE /office/files/1' => ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 302, 'vic' => 403],
        'GET /office/files/1/download' => ['ada' => 403, 'mo' => 403, 'lee' => 403, 'vic' => 403],
        'GET /office/intake' => ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 200, 'vic' => 403],
        'PUT /office/intake' => ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 302, 'vic' => 403],
        'POST /office/intake/links' => ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 302, 'vic' => 403],
        'DELETE /office/intake/links/1' => ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 302, 'vic' => 403],
        'GET /account/data' => ['ada' => 200, 'kit' => 200, 'vic' => 200],
        'GET /office/people/of/bo/data' => ['ada' => 403, 'bo' => 403, 'lee' => 403, 'kit' => 200, 'vic' => 403],
        'POST /office/people/of/bo/anonymisation' => ['ada' => 403, 'bo' => 403, 'lee' => 403, 'kit' => 302, 'vic' => 403],
        'GET /office/settings' => ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 200, 'vic' => 403],
        'PUT /office/settings' => ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 302, 'vic' => 403],
        'DELETE /office/settings/planned/1' => ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 302, 'vic' => 403],
        'POST /office/settings/changes/1/restoration' => ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 302, 'vic' => 403],
        'GET /office/absence-kinds' => ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 200, 'vic' => 403],
        'POST /office/absence-kinds' => ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 302, 'vic' => 403],
        'PUT /office/absence-kinds/1' => ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 302, 'vic' => 403],
        'DELETE /office/absence-kinds/1' => ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 302, 'vic' => 403],
        'POST /office/absence-kinds/1/merge' => ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 302, 'vic' => 403],
        'POST /office/absence-kinds/1/allowances' => ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 302, 'vic' => 403],
        'DELETE /office/allowances/1' => ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 302, 'vic' => 403],
        'GET /stand-ins' => ['ada' => 200, 'mo' => 200, 'kit' => 200, 'vic' => 403],
        'POST /stand-ins' => ['ada' => 403, 'mo' => 302, 'lee' => 403, 'kit' => 302, 'vic' => 403],
        'DELETE /stand-ins/1' => ['ada' => 403, 'mo' => 302, 'lee' => 403, 'kit' => 302, 'vic' => 403],
        'GET /nowhere' => ['ada' => 404, 'vic' => 404],
        'GET /sign-in' => ['ada' => 302],
        'GET /sign-in/code' => ['ada' => 302],
        'POST /sign-in/code' => ['ada' => 302],
        'GET /password/forgotten' => ['ada' => 302],
        'POST /password/forgotten' => ['ada' => 302],
        // Whoever has a link may open it; this one is nobody's.
        'GET /password/set/unknown' => ['ada' => 200],
        'POST /password/set/unknown' => ['ada' => 302],
        'POST /sign-in/single-sign-on' => ['ada' => 302],
        'GET /sign-in/single-sign-on/return' => ['ada' => 302],
        'GET /account' => ['ada' => 200, 'mo' => 200, 'kit' => 200, 'vic' => 200],
        'POST /account/confirmation' => ['ada' => 302, 'vic' => 302],
        'PUT /account/password' => ['ada' => 302, 'vic' => 302],
        'GET /account/recovery-codes' => ['ada' => 302],
        // Who has not confirmed that it is them is sent to do so.
        'GET /account/second-factor' => ['ada' => 302],
        'POST /account/second-factor' => ['ada' => 302],
        'DELETE /account/second-factor' => ['ada' => 302],
        'POST /account/recovery-codes' => ['ada' => 302],
        'GET /account/api' => ['ada' => 200, 'mo' => 200, 'kit' => 200, 'vic' => 200],
        'POST /account/tokens' => ['ada' => 302],
        'PUT /account/tokens/1/owner' => ['ada' => 302, 'kit' => 302],
        'DELETE /account/tokens/1' => ['ada' => 302],
        'DELETE /account/sign-ins' => ['ada' => 302],
        'DELETE /account/sign-ins/1' => ['ada' => 302],
        // Nothing is at work in the background of a test.
        'GET /up' => ['ada' => 503],
        'POST /office/failed-jobs/retries' => ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 302, 'vic' => 403],
        'GET /start' => ['ada' => 302],
        'POST /start' => ['ada' => 302],
        'GET /office/people' => ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 200, 'vic' => 403],
        'GET /office/people/new' => ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 200, 'vic' => 403],
        'PUT /office/people' => ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 302, 'vic' => 403],
        'GET /office/people/pasted' => ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 200, 'vic' => 403],
        'POST /office/people/pasted' => ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 302, 'vic' => 403],
        'GET /office/people/of/bo' => ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 200, 'vic' => 403],
        'GET /office/people/of/bo/responsibilities' => ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 200, 'vic' => 403],
        'POST /office/people/of/mo/responsibilities' => ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 302, 'vic' => 403],
        'GET /office/teams' => ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 200, 'vic' => 403],
        'GET /office/roles' => ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 200, 'vic' => 403],
        'GET /office/clients' => ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 200, 'vic' => 403],
        'GET /office/organisation' => ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 200, 'vic' => 403],
        'POST /office/people' => ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 302, 'vic' => 403],
        'PUT /office/people/of/bo' => ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 302, 'vic' => 403],
        'POST /office/directory/teams' => ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 302, 'vic' => 403],
        'PUT /office/directory/teams/field' => ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 302, 'vic' => 403],
        'DELETE /office/directory/teams/field' => ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 302, 'vic' => 403],
        'PUT /office/organisation' => ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 302, 'vic' => 403],
        'POST /office/calendars' => ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 302, 'vic' => 403],
        'PUT /office/calendars/coast/holidays' => ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 302, 'vic' => 403],
        'POST /office/calendars/coast/country' => ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 302, 'vic' => 403],
        'DELETE /office/holidays/1' => ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 302, 'vic' => 403],
        'GET /office/accounts' => ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 200, 'vic' => 403],
        'POST /office/accounts/invitations' => ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 302, 'vic' => 403],
        'PUT /office/accounts/second-factor' => ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 302, 'vic' => 403],
        'PUT /office/accounts/single-sign-on' => ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 302, 'vic' => 403],
        'PUT /office/accounts/bo/disabled' => ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 302, 'vic' => 403],
        'DELETE /office/accounts/bo/disabled' => ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 302, 'vic' => 403],
        'DELETE /office/accounts/bo/sign-ins' => ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 302, 'vic' => 403],
        'DELETE /office/accounts/bo/second-factor' => ['ada' => 403, 'mo' => 403, 'lee' => 403, 'kit' => 302, 'vic' => 403],
        'POST /sign-in' => ['ada' => 302],
        'POST /sign-in/demo' => ['ada' => 302],
        'PATCH /preferences' => ['ada' => 302, 'kit' => 302, 'vic' => 302],
        'POST /sign-out' => ['ada' => 302, 'vic' => 302],
    ];

    /** @param  array<string, array<string, int>>  $routes  what each person gets, by route */
    #[DataProvider('table')]
    public function test_who_gets_where(array $routes): void
    {
        $this->import(Lighthouse::files());
        $this->import(['people.csv' => "person,name,email\ncal,Cal Dune,cal@lighthouse.example\ndot,Dot Reef,dot@lighthouse.example\n"]);
        foreach (['cal' => false, 'dot' => true] as $recorder => $maySubmit) {
            Recorder::query()->create(['person_id' => $this->person('ada')->id, 'recorder_id' => $this->person($recorder)->id, 'may_submit' => $maySubmit]);
        }
        StandIn::query()->create(['person_id' => $this->person('mo')->id, 'stand_in_id' => $this->person('lee')->id, 'starts_on' => '2026-06-16', 'ends_on' => '2026-06-18']);
        Question::query()->create(['wording' => 'Anything?', 'kind' => 'text', 'choices' => [], 'starts_on' => '2026-06-15']);
        LeaveRequest::query()->create(['person_id' => $this->person('ada')->id, 'absence_kind_id' => 1, 'starts_on' => '2026-07-06', 'ends_on' => '2026-07-07', 'requested_by_id' => $this->person('ada')->id, 'requested_at' => '2026-06-16T08:00:00Z']);
        ClientContact::query()->create(['client_id' => 1, 'name' => 'Orla Finch']);
        ScheduledSetting::query()->create(['setting' => 'week due', 'starts_on' => '2026-07-01', 'setting_values' => ['days' => 4], 'scheduled_by_id' => 1, 'scheduled_at' => '2026-06-16T08:00:00Z']);
        IntakeLink::query()->create(['client_id' => 1, 'created_by_id' => 1, 'ends_on' => '2026-12-31']);
        WorkRequest::query()->create(['title' => 'Pier', 'person_id' => $this->person('ada')->id, 'requested_at' => '2026-06-16T08:00:00Z']);
        FileTransfer::query()->create(['kind' => 'import', 'state' => 'checked', 'person_id' => 1, 'begun_at' => '2026-06-16T08:00:00Z', 'options' => [], 'report' => []]);
        BillingFile::query()->create(['kind' => 'bill', 'starts_on' => '2026-05-01', 'ends_on' => '2026-05-31', 'state' => 'done', 'made_by_id' => 1, 'made_at' => '2026-06-01T08:00:00Z', 'minutes' => 0, 'amount_cents' => 0, 'unrated_minutes' => 0]);
        ClientSystem::query()->create(['client_id' => 1, 'name' => 'Book', 'starts_on' => '2026-06-01', 'person_by' => 'name', 'person_heading' => 'Worker', 'date_heading' => 'Day', 'hours_heading' => 'Qty']);
        OwnField::query()->create(['code' => 'tide', 'name' => 'Tide', 'subject' => 'entry', 'kind' => 'text']);
        ChargeCodePart::query()->create(['client_id' => 1, 'number' => 1, 'name' => 'Area']);
        ChargeCodeValue::query()->create(['client_id' => 1, 'number' => 1, 'code' => 'N', 'name' => 'North']);
        BillingMapping::query()->create(['kind' => 'bill', 'name' => 'Other', 'detail' => 'entry', 'columns' => ['hours' => 'Hours']]);
        Tracker::query()->create(['name' => 'Tracker', 'address' => 'https://tracker.invalid', 'token' => 'token']);
        $webhook = Webhook::query()->create(['name' => 'Board', 'address' => 'https://board.invalid/events', 'topics' => ['time'], 'secret' => 'secret', 'position' => 0, 'created_at' => '2026-06-16T08:00:00Z']);
        $webhook->messages()->create(['subject' => 'test', 'events' => 0, 'body' => '{}', 'state' => 'delivered', 'created_at' => '2026-06-16T08:00:00Z', 'due_at' => '2026-06-16T08:00:00Z']);
        LeaveAllowance::query()->create(['person_id' => $this->person('ada')->id, 'absence_kind_id' => 1, 'year' => 2026, 'half_days' => 60]);
        PayRule::query()->create(['weekly_over' => 2400, 'falls_on' => 'day']);
        PayPremium::query()->create(['code' => 'stand-by', 'name' => 'Stand-by']);
        $category = ExpenseCategory::query()->create(['code' => 'meals', 'name' => 'Meals']);
        MileageRate::query()->create(['expense_category_id' => $category->id, 'starts_on' => '2026-01-01', 'rate' => '0.30']);
        $currency = Currency::query()->create(['code' => 'CHF', 'places' => 2, 'step' => 5]);
        ExchangeRate::query()->create(['currency_id' => $currency->id, 'starts_on' => '2026-01-01', 'rate' => '1.05']);
        $expense = Expense::query()->create(['person_id' => $this->person('ada')->id, 'task_id' => $this->task('FIT')->id, 'expense_category_id' => $category->id, 'date' => '2026-06-15', 'gross_minor' => 100, 'gross_cents' => 100, 'cost_cents' => 100]);
        ExpenseStatement::query()->create(['kind' => 'reimbursement', 'starts_on' => '2026-05-01', 'ends_on' => '2026-05-31', 'made_by_id' => 1, 'made_at' => '2026-06-01T08:00:00Z', 'expenses' => 0, 'amount_cents' => 0]);
        Receipt::query()->create(['person_id' => $this->person('ada')->id, 'expense_id' => $expense->id, 'file' => 'none.jpg', 'name' => 'a.jpg', 'media_type' => 'image/jpeg', 'bytes' => 1, 'digest' => str_repeat('a', 64), 'received_at' => '2026-06-16T08:00:00Z']);
        foreach ($routes as $route => $people) {
            [$method, $address] = explode(' ', $route);
            foreach ($people as $person => $status) {
                $this->actingAs($this->person($person));
                DB::beginTransaction();
                $answer = $this->call($method, $address, self::body($method, $address), server: str_ends_with($address, '/cells') ? ['HTTP_ACCEPT' => 'application/json'] : []);
                self::assertSame($status, $answer->getStatusCode(), "$route as $person");
                // The next finds everything as it was.
                DB::rollBack();
            }
        }
    }

    /** @return array<string, mixed> what is sent to an address */
    private static function body(string $method, string $address): array
    {
        return match (true) {
            $address === '/not-submitted/reminders' => ['week' => '2026-W24'],
            $address === '/messages/read' => ['upTo' => 1],
            $address === '/stand-ins' => ['principal' => 'mo', 'standIn' => 'lee', 'from' => '2026-06-20', 'to' => '2026-06-21'],
            str_ends_with($address, '/decision') => ['approved' => true],
            str_ends_with($address, '/calendar-file') => ['calendar' => "BEGIN:VCALENDAR\r\nVERSION:2.0\r\nEND:VCALENDAR\r\n", 'kind' => 1],
            str_starts_with($address, '/leave/') => ['kind' => 1, 'first' => '2026-07-01', 'last' => '2026-07-02'],
            str_ends_with($address, '/allowances') => ['person' => 'ada', 'year' => 2026, 'days' => '30'],
            $address === '/people/ada/expenses', $address === '/people/ada/expenses/1' => ['date' => '2026-06-15', 'task' => 1, 'category' => 'meals', 'amount' => '1', 'currency' => 'EUR', 'isOwnMoney' => true, 'isCharged' => false],
            str_ends_with($address, '/reminder') => ['reminder' => 'weekly'],
            str_ends_with($address, '/from-receipts') => ['task' => 1, 'isCharged' => false, 'items' => [['receipt' => 1, 'date' => '2026-06-15', 'amount' => '1', 'currency' => 'EUR', 'category' => 'meals']]],
            str_ends_with($address, '/receipts') => ['uploads' => ['0123456789abcdef0123456789abcdef']],
            $address === '/office/expense-statements' => ['kind' => 'reimbursement', 'until' => '2026-06-15'],
            str_ends_with($address, '/mileage-rates') => ['mileageFrom' => '2026-06-01', 'mileageRate' => '0.30'],
            str_ends_with($address, '/currencies') => ['currency' => 'SEK', 'places' => 2, 'smallest' => '1'],
            str_starts_with($address, '/office/expenses') => ['code' => 'travel', 'name' => 'Travel', 'taxShares' => [['rate' => '19', 'share' => '100']], 'limitPer' => 'expense'],
            str_starts_with($address, '/office/pay-rules/premiums') => ['code' => 'shift', 'name' => 'Shift', 'costPercent' => 120],
            str_starts_with($address, '/office/pay-rules') => ['weeklyOver' => '38', 'startsOn' => '2026-07-01', 'fallsOn' => 'day'],
            str_starts_with($address, '/office/own-fields') => ['name' => 'Tide', 'subject' => 'entry', 'kind' => 'text'],
            str_ends_with($address, '/charge-codes') => ['separator' => '-', 'parts' => [['name' => 'Area', 'codes' => 'N North']]],
            str_ends_with($address, '/charge-code') => ['task' => 1, 'chargeCode' => ''],
            $address === '/office/client-systems' => ['client' => 'harbour', 'name' => 'Book', 'startsOn' => '2026-06-01', 'personBy' => 'name', 'personHeading' => 'Worker', 'dateHeading' => 'Day', 'hoursHeading' => 'Qty'],
            $address === '/office/billing' => ['kind' => 'bill', 'from' => '2026-06-01', 'until' => '2026-06-15'],
            str_starts_with($address, '/office/billing') => ['kind' => 'bill', 'name' => 'Ledger', 'detail' => 'entry', 'columns' => [['column' => 'hours', 'heading' => 'Hours']]],
            str_starts_with($address, '/office/trackers') => ['name' => 'Board', 'address' => 'https://board.invalid', 'token' => 'token'],
            str_ends_with($address, '/schedule/taken') => ['keys' => ['task X']],
            str_ends_with($address, '/tracker') => ['tracker' => 1, 'key' => 'KEY', 'from' => '2026-06-15'],
            str_starts_with($address, '/office/webhooks') => ['name' => 'Board', 'address' => 'https://board.invalid/events', 'topics' => ['time']],
            str_starts_with($address, '/office/absence-kinds') => ['name' => 'Study', 'countsAs' => 'other', 'visibleTo' => 'everybody', 'needsApproval' => true],
            $address === '/office/periods/due' => ['days' => 2],
            str_starts_with($address, '/office/periods') && $method !== 'GET' => ['day' => '2026-06-10', 'seen' => ''],
            $address === '/office/rules' => ['rule' => 'day_above', 'severity' => 'explanation', 'limit' => '10'],
            $address === '/office/remaining' => ['mode' => 'notify', 'tolerance' => '2'],
            $address === '/office/rates' => ['person' => 'ada', 'from' => '2026-06-01', 'cost' => '90'],
            $address === '/office/rates/readers' => ['reader' => 'mo'],
            $address === '/office/people' && $method === 'PUT' => ['people' => ['bo'], 'field' => 'team', 'value' => 'field'],
            $address === '/office/people/pasted' => ['rows' => [['name' => 'New', 'email' => 'new@lighthouse.example']]],
            str_ends_with($address, '/responsibilities') => ['to' => 'lee'],
            str_starts_with($address, '/office/people') => ['name' => 'Bo Carr', 'email' => $method === 'PUT' ? 'bo@lighthouse.example' : 'new@lighthouse.example', 'access' => 'member', 'ownPattern' => false],
            str_starts_with($address, '/office/directory') => ['name' => 'Field'],
            $address === '/office/organisation' => ['name' => 'Lighthouse', 'currency' => 'EUR', 'pattern' => ['8', '8', '8', '8', '8', '0', '0']],
            str_contains($address, '/contacts') => ['name' => 'Rhona Pike'],
            str_starts_with($address, '/office/clients/of') => ['name' => 'Harbour Board'],
            str_ends_with($address, '/copied-year') => ['year' => 2026],
            $address === '/office/calendars/coast' => ['code' => 'island'],
            $address === '/office/settings' => ['setting' => 'week due', 'values' => ['days' => '3']],
            $address === '/office/files/imports' => ['uploads' => ['0123456789abcdef0123456789abcdef']],
            $address === '/office/files/exports' => ['kinds' => ['roles.csv']],
            $address === '/uploads' => ['name' => 'a.pdf', 'size' => 10],
            str_ends_with($address, '/project') => ['name' => 'Pier', 'manager' => 'mo'],
            str_ends_with($address, '/comments'), str_ends_with($address, '/declined') => ['text' => 'Not this year'],
            $address === '/requests' => ['title' => 'Paint the pier'],
            $address === '/office/intake/links' => ['client' => 'harbour', 'endsOn' => '2026-12-31'],
            $address === '/office/calendars' => ['code' => 'island'],
            str_ends_with($address, '/holidays') => ['date' => '2026-06-17', 'name' => 'Regatta', 'part' => '1'],
            str_ends_with($address, '/country') => ['country' => 'IE', 'year' => 2026],
            $address === '/office/accounts/invitations' => ['people' => ['bo']],
            $address === '/office/accounts/second-factor' => ['access' => ['office']],
            $address === '/office/accounts/single-sign-on' => ['addsPeople' => false],
            $address === '/office/questions' => ['wording' => 'Boat?', 'kind' => 'text', 'required' => false, 'from' => '2026-06-15'],
            str_starts_with($address, '/office/routes') => ['route' => 'line'],
            $address === '/review/decisions', $address === '/review/expenses' => ['decision' => 'approve', 'entries' => [['id' => 999, 'version' => 1]]],
            $address === '/review/effect' => ['projects' => 'LENS'],
            $address === '/review/corrections' => ['corrections' => [999], 'accept' => true],
            str_ends_with($address, '/corrections') => ['cells' => [['task' => 1, 'date' => '2026-06-17', 'hours' => '1']], 'reason' => 'Storm'],
            $address === '/review/reopening' => ['entries' => [999]],
            $address === '/review/phrases' => ['phrase' => 'Which lens?'],
            str_ends_with($address, '/remaining') => ['hours' => '30', 'done' => 'no'],
            str_contains($address, '/estimates/') => ['accept' => true],
            str_ends_with($address, '/done') => ['done' => true],
            str_ends_with($address, '/stretches/ink') => ['stretches' => [999]],
            str_ends_with($address, '/split') => ['seen' => 1, 'at' => 600],
            str_contains($address, '/stretches') => ['task' => 1, 'date' => '2026-06-17', 'times' => '9-9:15', 'seen' => 1],
            $address === '/appointments/calendars' => ['name' => 'Diary', 'calendar' => "BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:-//Test//EN\r\nEND:VCALENDAR\r\n"],
            $address === '/month/2026-06/cells' => ['cells' => [['task' => 1, 'date' => '2026-06-17', 'text' => '1']]],
            $address === '/month/2026-06/filled' => ['task' => 1, 'cells' => '2026-06-17.0.1'],
            $address === '/tasks' => ['task' => 1, 'line' => '0:15'],
            $address === '/tasks/pinned' => ['task' => 1, 'pinned' => true],
            $address === '/timer' && $method === 'POST' => ['task' => 1],
            str_starts_with($address, '/timer') => ['timer' => 999, 'seen' => 1],
            str_ends_with($address, '/spans') => ['date' => '2026-06-17'],
            str_ends_with($address, '/findings') => ['rule' => 'day_above', 'date' => '2026-06-17', 'explanation' => 'Storm'],
            str_ends_with($address, '/quick-line') => ['line' => '2h fit'],
            str_ends_with($address, '/audit-trail') => ['task' => 1, 'date' => '2026-06-17'],
            $address === '/projects', $address === '/projects/LENS' && $method === 'PUT', str_ends_with($address, '/copy') => ['name' => 'Fog horn', 'manager' => 'mo'],
            str_ends_with($address, '/plan') && $method === 'PUT' => ['changes' => [['task' => 1, 'fields' => ['name' => 'Fit it']]]],
            str_ends_with($address, '/plan') && $method === 'POST' => ['lines' => [['task' => 'HORN', 'taskName' => 'Horn']]],
            str_ends_with($address, '/plan/removed') => ['task' => 2],
            str_ends_with($address, '/plan/days') => ['assignments' => [1], 'days' => ['2026-06-17' => '2']],
            str_ends_with($address, '/plan/load') => ['person' => 'ada', 'from' => '2026-06-15', 'to' => '2026-06-19'],
            str_contains($address, '/recorders/') => ['maySubmit' => false],
            default => [],
        };
    }

    public function test_nobody_else_records_in_a_timesheet_however_they_ask(): void
    {
        $this->import(Lighthouse::files());
        $task = $this->task('TRAIN')->id;
        foreach (['bo', 'mo', 'vic'] as $person) {
            $this->actingAs($this->person($person));
            $this->putJson('/people/ada/week/2026-W25/cells', ['cells' => [['task' => $task, 'date' => '2026-06-17', 'hours' => '1', 'seen' => null]]])->assertForbidden();
            $this->putJson('/people/ada/week/2026-W25/lines', ['choices' => [['task' => $task, 'choice' => 'added']]])->assertForbidden();
            $this->deleteJson('/people/ada/week/2026-W25/lines', ['task' => $task, 'minutes' => 0])->assertForbidden();
        }
        foreach (['entries', 'sheet_choices'] as $table) {
            self::assertSame(0, DB::table($table)->count());
        }
    }

    /** @return iterable<string, array{array<string, array<string, int>>}> a few routes at a time */
    public static function table(): iterable
    {
        foreach (array_chunk(self::TABLE, 20, true) as $routes) {
            yield 'from '.array_key_first($routes) => [$routes];
        }
    }

    public function test_the_table_knows_every_route(): void
    {
        $tried = [];
        foreach (array_keys(self::TABLE) as $line) {
            [$method, $address] = explode(' ', $line);
            $request = \Illuminate\Http\Request::create($address, $method);
            $tried[] = Router::getRoutes()->match($request)->uri().' '.$method;
        }
        foreach (Router::getRoutes()->getRoutes() as $route) {
            self::assertInstanceOf(Route::class, $route);
            if (str_starts_with($route->uri(), 'api/')) {
                // Programs have a table of their own.
                continue;
            }
            self::assertContains($route->uri().' '.$route->methods()[0], $tried);
        }
    }

    public function test_without_signing_in_there_is_nothing_but_the_sign_in_page(): void
    {
        foreach (array_keys(self::TABLE) as $line) {
            [$method, $address] = explode(' ', $line);
            if (preg_match('~^/(sign-in|start$|intake|uploads/|password/|day-reminder|time/|service-worker|nowhere|up$)~', $address) !== 1) {
                $this->call($method, $address)->assertRedirect('/sign-in');
            }
        }
        $this->putJson('/people/ada/week/2026-W25/cells')->assertUnauthorized()->assertJsonPath('message', __('faults.401'));
    }

    public function test_a_refusal_says_who_may(): void
    {
        $this->import(Lighthouse::files());
        $this->actingAs($this->person('bo'))->get('/people/ada/week/2026-W25')->assertForbidden()->assertSee('Only they, their line manager, the time office and people with their permission can see it');
    }
}
