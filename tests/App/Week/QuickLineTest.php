<?php

declare(strict_types=1);

namespace Tests\App\Week;

use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;
use Tests\App\Lighthouse;
use Tests\App\TestCase;

/** What the server makes of a quick line. How a line is read is the core's, and has its own table. */
final class QuickLineTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->import(Lighthouse::files());
    }

    public function test_one_task_that_fits_is_understood_in_the_role_that_the_person_has_on_it(): void
    {
        $this->read('1:30 fit lens mon-tue note bolts')
            ->assertJsonPath('task.taskName', 'Fit the lens')->assertJsonPath('task.roleName', 'Surveyor')
            ->assertJsonPath('days', ['2026-06-15', '2026-06-16'])->assertJsonPath('minutes', 90)->assertJsonPath('note', 'bolts')->assertJsonPath('message', null);
        $this->assertDatabaseEmpty('entries');
    }

    public function test_another_role_makes_another_line(): void
    {
        $this->read('2h fit as sen tue')->assertJsonPath('task.roleName', 'Senior')->assertJsonPath('message', null);
        $this->read('2h fit as s tue')->assertJsonPath('task', null)->assertJsonPath('message', 'Several roles start with “s”. Type more of the name.');
        $this->read('2h fit as diver tue')->assertJsonPath('message', 'No role starts with “diver”.');
    }

    public function test_two_that_fit_are_asked_about_and_the_answer_is_taken(): void
    {
        $this->read('2h lens tue')->assertJsonPath('task', null)->assertJsonPath('message', '2 tasks match. Choose one.')->assertJsonPath('candidates.*.taskCode', ['FIT', 'CLEAN']);
        $this->read('2h lens tue', $this->task('CLEAN')->id)->assertJsonPath('task.taskCode', 'CLEAN')->assertJsonPath('message', null);
        // What does not fit is not chosen, whoever asks for it.
        $this->read('2h lens tue', $this->task('TRAIN')->id)->assertJsonPath('task', null);
    }

    public function test_what_is_not_understood_is_explained(): void
    {
        foreach ([
            '2h kite tue' => 'No task matches “kite”. Try other words, or ask the project manager to assign you.',
            '2h scrap tue' => 'No task matches “scrap”. Try other words, or ask the project manager to assign you.',
            'fit tue' => 'Start with the hours, such as 2h, 1:30 or 90m.',
            '1:75 fit tue' => '“1:75” has more than 59 minutes. Enter 1:30 or 90m for an hour and a half.',
            '2h fit 3jul' => '“3jul” is not in week 25. Open the week it belongs to.',
            '2h tue' => 'Add what you worked on: words from the project, the task or their codes.',
        ] as $line => $sentence) {
            $this->read($line)->assertJsonPath('message', $sentence)->assertJsonPath('task', null);
        }
        $this->actingAs($this->person('ada'))->getJson('/people/ada/week/2026-W26/quick-line?line=2h+fit')->assertJsonPath('message', 'Add a day of week 26, such as tue, mon-wed or a date.');
        $this->read('')->assertUnprocessable();
    }

    public function test_for_somebody_else_it_knows_their_tasks_and_not_ones_own(): void
    {
        $this->actingAs($this->person('lee'))->getJson('/people/ada/week/2026-W25/quick-line?line=2h+fit+tue')->assertJsonPath('task.taskCode', 'FIT');
        $this->getJson('/people/lee/week/2026-W25/quick-line?line=2h+fit+tue')->assertJsonPath('task', null);
    }

    /** @return TestResponse<Response> */
    private function read(string $line, ?int $task = null): TestResponse
    {
        return $this->actingAs($this->person('ada'))->getJson('/people/ada/week/2026-W25/quick-line?'.http_build_query(['line' => $line, 'task' => $task]));
    }
}
