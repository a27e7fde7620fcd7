<?php

declare(strict_types=1);

namespace App\Features\MyFigures\Controllers;

use App\Features\MyFigures\Queries\MyFigures;
use App\Http\Input\Address;
use App\Models\Person;
use App\Support\Clock\Today;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Inertia\Inertia;
use Inertia\Response;
use LogicException;
use Moss\Core\Calendar\RollingPeriod;

/** What somebody's own time comes to. */
final readonly class MyFiguresController
{
    private const USUAL = 'this-quarter';

    public function __construct(private Today $today)
    {
    }

    public function show(#[CurrentUser] Person $person, Request $request, MyFigures $figures): Response
    {
        Gate::authorize('recordWeek', $person);
        $asked = Address::of($request)->text('period');
        $period = RollingPeriod::read($asked) === null ? self::USUAL : $asked;
        $today = $this->today->for($person);
        $days = (RollingPeriod::read($period) ?? throw new LogicException('The usual period is one.'))->on($today);

        return Inertia::render('MyFigures', ['figures' => $figures->of($person, $period, $days, $today)]);
    }
}
