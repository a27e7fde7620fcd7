<?php

declare(strict_types=1);

namespace Tests\Core\Review;

use Moss\Core\Review\ApprovalRoute;
use Moss\Core\Review\RouteKind;
use Moss\Core\Review\RouteStep;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ApprovalRouteTest extends TestCase
{
    /** @param  list<string>  $expected */
    #[DataProvider('routes')]
    public function test_who_approves_in_which_order(RouteKind $kind, string $owner, ?string $manager, ?string $line, array $expected): void
    {
        $route = ApprovalRoute::of($kind, $owner, $manager, $line);

        self::assertSame($expected, array_map(static fn (RouteStep $step): string => $step->approver ?? 'office', $route->steps()));
        self::assertSame($expected === [], $route->isEmpty());
        self::assertNull($route->stepAfter($route->length()));
        self::assertSame($expected === [] ? null : end($expected), $route->last() === null ? null : $route->last()->approver ?? 'office');
    }

    /** @return iterable<string, array{RouteKind, string, string|null, string|null, list<string>}> */
    public static function routes(): iterable
    {
        yield 'nobody' => [RouteKind::None, 'ada', 'mo', 'lee', []];
        yield 'the project' => [RouteKind::Project, 'ada', 'mo', 'lee', ['mo']];
        yield 'the line' => [RouteKind::Line, 'ada', 'mo', 'lee', ['lee']];
        yield 'both in turn' => [RouteKind::ProjectThenLine, 'ada', 'mo', 'lee', ['mo', 'lee']];
        yield 'both are one person' => [RouteKind::ProjectThenLine, 'ada', 'mo', 'mo', ['mo']];
        yield 'own project goes up the line' => [RouteKind::Project, 'mo', 'mo', 'lee', ['lee']];
        yield 'own project, both' => [RouteKind::ProjectThenLine, 'mo', 'mo', 'lee', ['lee']];
        yield 'own project and no line manager' => [RouteKind::Project, 'mo', 'mo', null, ['office']];
        yield 'own line manager' => [RouteKind::Line, 'lee', 'mo', 'lee', ['office']];
        yield 'no line manager' => [RouteKind::Line, 'ada', 'mo', null, ['office']];
        yield 'project then nobody named' => [RouteKind::ProjectThenLine, 'ada', 'mo', null, ['mo', 'office']];
        yield 'no project manager' => [RouteKind::Project, 'ada', null, 'lee', ['lee']];
    }
}
