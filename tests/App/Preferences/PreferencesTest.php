<?php

declare(strict_types=1);

namespace Tests\App\Preferences;

use Inertia\Testing\AssertableInertia;
use Tests\App\Lighthouse;
use Tests\App\TestCase;

final class PreferencesTest extends TestCase
{
    public function test_hours_are_read_as_the_person_prefers(): void
    {
        $this->import(Lighthouse::files(['entries.csv' => "person,project,task,role,date,hours,state\nada,LENS,FIT,surveyor,2026-06-16,80m,draft\n"]));
        $ada = $this->actingAs($this->person('ada'));
        $ada->get('/week/2026-W25')->assertInertia(fn (AssertableInertia $page) => $page->where('signedIn.hoursFormat', 'decimal'));

        $ada->from('/week/2026-W25')->patch('/preferences', ['hoursFormat' => 'clock'])->assertRedirect('/week/2026-W25');

        $this->actingAs($this->person('ada'))->get('/week/2026-W25')->assertInertia(fn (AssertableInertia $page) => $page->where('signedIn.hoursFormat', 'clock'));
        $this->actingAs($this->person('ada'))->post('/people/ada/days/2026-W25/submission')->assertSessionHas('message', '1:20 submitted.');
        // Only how it is read has changed.
        self::assertSame(80, $this->entry('ada', 'FIT', '2026-06-16')?->minutes->toInt());
    }

    public function test_another_format_is_refused(): void
    {
        $this->import(Lighthouse::files());

        $this->actingAs($this->person('ada'))->patch('/preferences', ['hoursFormat' => 'roman'])->assertSessionHasErrors('hoursFormat');
        self::assertSame('decimal', $this->person('ada')->hours_format->value);
    }

    public function test_pencil_and_ink_are_explained_until_one_has_seen_it_and_to_nobody_else(): void
    {
        $this->import(Lighthouse::files());
        $ada = $this->actingAs($this->person('ada'));
        $ada->get('/week/2026-W25')->assertInertia(static fn (AssertableInertia $page) => $page->where('sheet.explainsPencil', true));
        $this->actingAs($this->person('lee'))->get('/people/ada/week/2026-W25')->assertInertia(static fn (AssertableInertia $page) => $page->where('sheet.explainsPencil', false));

        $this->actingAs($this->person('ada'))->patch('/preferences', ['knowsPencil' => true])->assertRedirect();

        $this->actingAs($this->person('ada'))->get('/week/2026-W25')->assertInertia(static fn (AssertableInertia $page) => $page->where('sheet.explainsPencil', false));
    }
}
