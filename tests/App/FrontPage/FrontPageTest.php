<?php

declare(strict_types=1);

namespace Tests\App\FrontPage;

use App\Models\SavedComparison;
use Inertia\Testing\AssertableInertia;
use Tests\App\Lighthouse;
use Tests\App\PageProps;
use Tests\App\TestCase;

/** Today is Wednesday 17 June 2026. */
final class FrontPageTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->import(Lighthouse::files([
            'entries.csv' => "person,project,task,role,date,hours,state,note\nada,LENS,FIT,surveyor,2026-06-16,10,submitted,\nada,LENS,DRAW,,2026-06-03,12,approved,\nbo,OWN,TRAIN,,2026-06-16,4,approved,\n",
        ]));
    }

    public function test_members_begin_with_their_week(): void
    {
        foreach (['ada', 'bo'] as $member) {
            $this->actingAs($this->person($member))->get('/')->assertRedirect('/week/2026-W25');
        }
    }

    public function test_whoever_manages_begins_with_what_waits_for_them_and_what_needs_attention(): void
    {
        $page = $this->front('mo', null);

        self::assertSame([1, 1, '2026-06-16', 0, 0, 0, 0], array_map($page->value(...), ['waiting.entries', 'waiting.people', 'waiting.oldest', 'waiting.corrections', 'waiting.expenses', 'waiting.estimates', 'waiting.leave']));
        self::assertSame(['LENS'], array_map(static fn (PageProps $project): string => $project->text('code'), $page->rows('projects')));
        self::assertSame(0, $this->front('lee', null)->int('waiting.entries'));
    }

    public function test_what_somebody_does_not_do_is_not_there(): void
    {
        $page = $this->front('vic', null);
        self::assertNull($page->value('waiting'));
        self::assertNull($page->value('load'));
    }

    public function test_the_load_of_theirs_comes_with_who_is_most_over(): void
    {
        $load = $this->front('lee', 'load');

        self::assertSame(['2026-06-15', '2026-06-28', 3], [$load->text('load.first'), $load->text('load.last'), $load->int('load.count')]);
    }

    public function test_the_comparisons_that_they_chose_come_in_their_order_with_what_they_may_see(): void
    {
        foreach (['First' => 'by=client&period=this-month', 'Second' => 'by=project&from=2026-06-01&to=2026-06-30', 'Third' => ''] as $name => $address) {
            $this->actingAs($this->person('kit'))->post('/comparisons', ['name' => $name, 'address' => $address]);
        }
        $ids = array_map(static fn (SavedComparison $saved): int => $saved->id, array_values(SavedComparison::query()->orderBy('id')->get()->all()));
        foreach ($ids as $id) {
            $this->put("/comparisons/$id/sharing", ['sharing' => 'everybody']);
        }
        $this->actingAs($this->person('mo'))->put('/comparisons/front-page', ['comparisons' => [$ids[1], $ids[0]]]);
        $comparisons = $this->front('mo', 'comparisons')->rows('comparisons');

        self::assertSame([['Second', '', 720], ['First', 'this-month', 720]], array_map(
            static fn (PageProps $one): array => [$one->text('name'), $one->text('period'), $one->int('total.actual')], $comparisons,
        ));
        self::assertSame('LENS', $comparisons[0]->text('groups.0.code'));
        $this->actingAs($this->person('kit'))->put('/comparisons/'.$ids[1].'/sharing', ['sharing' => 'nobody']);
        self::assertCount(1, $this->front('mo', 'comparisons')->rows('comparisons'), 'What is not shared any more is gone.');
        self::assertSame([], $this->front('kit', 'comparisons')->rows('comparisons'));
    }

    /** @param  string|null  $later  what comes once the page is there */
    private function front(string $reader, ?string $later): PageProps
    {
        $props = null;
        $this->actingAs($this->person($reader))->get('/')->assertOk()->assertInertia(function (AssertableInertia $page) use (&$props, $later): void {
            $page->component('FrontPage');
            $read = static function (AssertableInertia $page) use (&$props): void {
                $props = PageProps::of($page->toArray())->value('props');
            };
            $later === null ? $read($page) : $page->loadDeferredProps($later, $read);
        });

        return PageProps::of($props);
    }
}
