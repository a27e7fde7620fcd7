<?php

declare(strict_types=1);

namespace Tests\App\Support;

use App\Support\Types\TypeScriptRoutes;
use Illuminate\Support\Facades\Route;
use Tests\App\TestCase;

final class TypeScriptRoutesTest extends TestCase
{
    public function test_every_named_route_is_written_with_its_address(): void
    {
        $written = app(TypeScriptRoutes::class)->written();

        self::assertStringContainsString("    'week.of': '/people/{person}/week/{week}',\n", $written);
        self::assertStringContainsString("    'home': '/',\n", $written);
        self::assertStringNotContainsString('fallbackPlaceholder', $written);
    }

    public function test_every_route_of_ours_has_a_name_by_which_it_is_linked_to(): void
    {
        $unnamed = [];
        foreach (Route::getRoutes()->getRoutes() as $route) {
            if (str_starts_with($route->getActionName(), 'App\\') && $route->getName() === null) {
                $unnamed[] = $route->uri();
            }
        }

        self::assertSame([], $unnamed);
    }
}
