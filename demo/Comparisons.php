<?php

declare(strict_types=1);

namespace Demo;

use App\Features\Compare\Actions\ArrangeFrontPage;
use App\Features\Compare\Actions\SaveComparison;
use App\Features\Compare\Actions\ShareComparison;
use App\Models\Person;
use App\Models\Sharing;
use LogicException;

/** The comparisons that people of the demonstration keep, share and follow on their front pages. */
final readonly class Comparisons
{
    /** By owner: name, question, and whether everybody reads it. */
    private const KEPT = [
        ['tobin.vale', 'Clients this quarter', 'by=client&across=month&period=this-quarter&internal=out', true],
        ['tobin.vale', 'Billable share by team', 'by=team&period=last-month&internal=out&show=actual,billable,billable-share,bill-value', false],
        ['idris.calloway', 'Lights and coast, project by project', 'by=project&period=this-quarter&team=coast&internal=out', true],
        ['idris.calloway', 'Who was over last month', 'by=person&period=last-month&team=coast&internal=out', false],
    ];

    /** Who follows which, in their order. */
    private const FOLLOWED = [
        'tobin.vale' => ['Clients this quarter', 'Billable share by team'],
        'idris.calloway' => ['Lights and coast, project by project', 'Who was over last month', 'Clients this quarter'],
    ];

    public function __construct(private SaveComparison $save, private ShareComparison $share, private ArrangeFrontPage $arrange)
    {
    }

    public function keep(): void
    {
        /** @var array<string, int> $kept */
        $kept = [];
        foreach (self::KEPT as [$code, $name, $address, $isShared]) {
            $owner = Person::query()->where('code', $code)->sole();
            $saved = $this->save->handle($owner, $name, $address);
            if ($isShared) {
                $this->share->handle($owner, $saved, Sharing::Everybody, [], []);
            }
            $kept[$name] = $saved->id;
        }
        foreach (self::FOLLOWED as $code => $names) {
            $this->arrange->handle(Person::query()->where('code', $code)->sole(), array_map(static fn (string $name): int => $kept[$name] ?? throw new LogicException($name.' is kept.'), $names));
        }
    }
}
