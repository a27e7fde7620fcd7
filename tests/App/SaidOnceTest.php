<?php

declare(strict_types=1);

namespace Tests\App;

use Inertia\Testing\AssertableInertia;

/** What was said for the next page is said by a page, whatever the page before it still asks for. */
final class SaidOnceTest extends TestCase
{
    public function test_requests_beside_a_page_do_not_take_what_was_said(): void
    {
        $this->import(Lighthouse::files(['entries.csv' => "person,project,task,role,date,hours\nada,LENS,FIT,surveyor,2026-06-16,8\n"]));
        $ada = $this->actingAs($this->person('ada'));
        $ada->get('/week/2026-W25')->assertOk();
        $ada->post('/people/ada/days/2026-W25/submission', ['selection' => ['scope' => 'week'], 'answers' => []])->assertRedirect();

        $ada->getJson('/people/ada/week/2026-W25/findings')->assertOk();
        $ada->getJson('/people/ada/week/2026-W25/pencil')->assertOk();

        $ada->get('/week/2026-W25')->assertInertia(fn (AssertableInertia $page) => $page->where('done.sentence', fn (mixed $sentence): bool => is_string($sentence) && str_contains($sentence, 'submitted')));
        $ada->get('/week/2026-W25')->assertInertia(fn (AssertableInertia $page) => $page->where('done', null));
    }
}
