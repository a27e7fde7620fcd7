<?php

declare(strict_types=1);

namespace Tests\Core\Sheet;

use Moss\Core\Sheet\ClientNote;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ClientNoteTest extends TestCase
{
    #[DataProvider('notes')]
    public function test_words_for_the_client_are_made_of_project_task_and_team_note(string $project, string $task, string $note, string $expected): void
    {
        self::assertSame($expected, ClientNote::proposed($project, $task, $note));
    }

    /** @return iterable<string, array{string, string, string, string}> */
    public static function notes(): iterable
    {
        yield 'all three' => ['Lens refit', 'Survey', 'checked the bolts', 'Lens refit, Survey: checked the bolts'];
        yield 'no note' => ['Lens refit', 'Survey', ' ', 'Lens refit, Survey'];
        yield 'the same name twice is said once' => ['Survey', 'survey', '', 'survey'];
        yield 'no longer than a note may be' => ['P', 'T', str_repeat('é', 2000), 'P, T: '.str_repeat('é', 1994)];
    }
}
