<?php

declare(strict_types=1);

namespace Tests\App\Lookup;

use App\Models\Access;
use App\Models\Person;
use App\Models\Project;
use App\Models\ProjectState;
use App\Models\Team;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\App\TestCase;

final class LookupTest extends TestCase
{
    /** @param  list<string>  $expected */
    #[DataProvider('searches')]
    public function test_people_are_found_as_they_are_typed(string $search, array $expected): void
    {
        $reader = Person::factory()->create(['code' => 'nell', 'name' => 'Nell Harrow'])->refresh();
        Person::factory()->create(['code' => 'zoe', 'name' => 'Zoë Brandström']);
        Person::factory()->create(['code' => 'bran', 'name' => 'Bran 100% Lee']);
        Person::factory()->create(['code' => 'vic', 'name' => 'Vic Brand', 'access' => Access::Viewer]);

        $found = $this->actingAs($reader)->getJson('/lookup/people?search='.rawurlencode($search))->assertOk()->json('options.*.code');

        self::assertSame($expected, $found);
    }

    /** @return iterable<string, array{string, list<string>}> */
    public static function searches(): iterable
    {
        yield 'nothing yet' => ['', ['bran', 'nell', 'zoe']];
        yield 'a part of a name' => ['harr', ['nell']];
        yield 'without the accent' => ['zoe br', ['zoe']];
        yield 'a slip' => ['brandstorm', ['zoe']];
        yield 'viewers are not offered' => ['vic', []];
        yield 'what has a meaning elsewhere stands for itself' => ['100%', ['bran']];
        yield 'nobody' => ['xyzzy', []];
    }

    public function test_no_more_than_twenty_are_offered_and_it_says_so(): void
    {
        $reader = Person::factory()->count(30)->create(['name' => 'Nell Harrow'])->firstOrFail()->refresh();

        $found = $this->actingAs($reader)->getJson('/lookup/people?search=nell')->assertOk();

        self::assertCount(20, (array) $found->json('options'));
        self::assertTrue($found->json('hasMore'));
    }

    public function test_what_cannot_be_looked_up_is_not_found(): void
    {
        $this->actingAs(Person::factory()->create()->refresh())->getJson('/lookup/secrets')->assertNotFound();
    }

    public function test_people_and_teams_are_found_together_as_whom_a_task_can_be_given_to(): void
    {
        $reader = Person::factory()->create(['code' => 'coral', 'name' => 'Coral Harrow'])->refresh();
        Team::query()->create(['code' => 'quay', 'name' => 'Harbour team']);
        $found = fn (string $search) => $this->actingAs($reader)->getJson('/lookup/assignees?search='.$search)->assertOk()->json('options.*.code');

        self::assertSame(['team:quay', 'person:coral'], $found('har'), 'what begins with it comes first');
        self::assertSame(['team:quay'], $found('harbor'));
        self::assertSame([], $found('person'), 'what precedes a code is not searched');
    }

    public function test_closed_projects_are_offered_only_where_one_looks_back(): void
    {
        $reader = Person::factory()->create()->refresh();
        Project::factory()->create(['code' => 'LENS', 'name' => 'Lens refit']);
        Project::factory()->create(['code' => 'OLD', 'name' => 'Lens before', 'state' => ProjectState::Closed]);

        self::assertSame(['LENS'], $this->actingAs($reader)->getJson('/lookup/projects?search=lens')->assertOk()->json('options.*.code'));
        self::assertEqualsCanonicalizing(['LENS', 'OLD'], $this->actingAs($reader)->getJson('/lookup/all-projects?search=lens')->assertOk()->json('options.*.code'));
    }
}
