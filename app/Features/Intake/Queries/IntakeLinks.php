<?php

declare(strict_types=1);

namespace App\Features\Intake\Queries;

use App\Features\Intake\Props\IntakeLinkProps;
use App\Features\Intake\Props\IntakeSettingsProps;
use App\Models\IntakeLink;
use App\Models\Organisation;
use App\Models\WorkRequest;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Support\Facades\URL;
use Moss\Core\Calendar\Day;

/** The links of clients and their addresses. */
final class IntakeLinks
{
    /** How long a client sees what became of a request, in days. */
    private const REQUEST_DAYS = 365;

    public static function settings(Day $today): IntakeSettingsProps
    {
        $links = IntakeLink::query()->with('client')->whereNull('revoked_at')->where('ends_on', '>=', $today->toString())->orderByDesc('id')->get()->all();

        return new IntakeSettingsProps(
            Organisation::query()->sole()->takes_requests,
            array_values(array_map(static fn (IntakeLink $link): IntakeLinkProps => new IntakeLinkProps($link->id, $link->client->name, $link->ends_on->toString(), url(self::address($link))), $links)),
            $today->toString(),
        );
    }

    /** The address at which a client requests work, good until the end of the link's last day. */
    public static function address(IntakeLink $link): string
    {
        return self::signed('intake', $link);
    }

    /** The address at which files are begun that go with such a request. */
    public static function uploads(IntakeLink $link): string
    {
        return self::signed('intake.upload', $link);
    }

    /** The address at which somebody at a client sees one request. */
    public static function addressOf(WorkRequest $request): string
    {
        return URL::temporarySignedRoute('intake.request', (new DateTimeImmutable($request->requested_at))->modify('+'.self::REQUEST_DAYS.' days'), ['workRequest' => $request->id], absolute: false);
    }

    private static function signed(string $route, IntakeLink $link): string
    {
        // The last day ends last in the west.
        return URL::temporarySignedRoute($route, new DateTimeImmutable($link->ends_on->plusDays(2)->toString(), new DateTimeZone('UTC')), ['link' => $link->id], absolute: false);
    }
}
