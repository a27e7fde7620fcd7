<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Approval\Waiting;
use App\Http\HeaderCounts;
use App\Http\Input\DaysText;
use App\Http\Props\DoneProps;
use App\Http\Props\SignedInProps;
use App\Http\Props\TimesheetProps;
use App\Models\Person;
use App\Models\Project;
use App\Models\WorkRequest;
use App\Sheet\RunningTimer;
use App\Support\Clock\Today;
use App\Support\Language\ReaderLanguage;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Number;
use Illuminate\Support\Str;
use Inertia\Middleware;
use Moss\Core\Calendar\Week;

/** What every page is given. */
final class HandleInertiaRequests extends Middleware
{
    public const THEME_COOKIE = 'moss_week_theme';

    public function __construct(private readonly Waiting $waiting, private readonly Today $today)
    {
    }

    /** @return array<string, mixed> */
    public function share(Request $request): array
    {
        $person = $request->user();

        return [
            ...parent::share($request),
            ...self::ofNobody($request),
            'today' => $this->today->in($person instanceof Person ? $person->timezone ?? 'UTC' : 'UTC')->toString(),
            // Worked out only for pages: saving a cell shows none.
            'signedIn' => fn (): ?SignedInProps => $person instanceof Person ? $this->signedIn($person) : null,
            'done' => self::done($request),
            'refusal' => $request->session()->get('refusal'),
        ];
    }

    /** @return array<string, mixed> what a page is given that shows nobody's session */
    public static function ofNobody(Request $request): array
    {
        $theme = $request->cookie(self::THEME_COOKIE);

        return ['theme' => in_array($theme, ['light', 'dark'], true) ? $theme : 'system', 'locale' => Number::defaultLocale(), 'signedIn' => null, 'done' => null, 'refusal' => null];
    }

    private static function done(Request $request): ?DoneProps
    {
        $sentence = $request->session()->get('message');
        $undo = $request->session()->get('undo');

        return is_string($sentence) ? new DoneProps(Str::random(8), $sentence, is_string($undo) ? $undo : null) : null;
    }

    private function signedIn(Person $person): SignedInProps
    {
        $counts = HeaderCounts::of($person, $this->waiting, $this->today->for($person));

        $today = $this->today->for($person);

        return new SignedInProps(
            $person->code,
            $person->name,
            $person->hours_format,
            $person->language,
            $person->locale,
            ReaderLanguage::languages(),
            ReaderLanguage::locales(),
            ! $person->isViewer(),
            $counts->spends && ! $person->isViewer(),
            ! $person->isViewer() && ($counts->waiting > 0 || $counts->leads || Gate::forUser($person)->allows('viewAny', Project::class)),
            Gate::forUser($person)->allows('viewAny', Project::class),
            $counts->leads || Gate::forUser($person)->allows('viewAny', Project::class),
            $counts->requestsWork || Gate::forUser($person)->allows('decideAny', WorkRequest::class),
            $person->isOffice(),
            $counts->waiting,
            $counts->leave,
            $counts->unread,
            $counts->recalculated,
            Week::containing($today)->toString(),
            $counts->timesheet->isUsual() || $person->isViewer() ? null : new TimesheetProps($counts->timesheet->period, DaysText::of($counts->timesheet->containing($today))),
            ! $counts->hasTimer ? null : RunningTimer::of($person, $this->today->now()),
            $person->isViewer() ? null : $counts->toInk,
        );
    }
}
