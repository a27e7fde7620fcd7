<?php

declare(strict_types=1);

namespace Tests\App\Trail;

use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\App\Lighthouse;
use Tests\App\TestCase;

final class TrailChainTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->import(Lighthouse::files(['entries.csv' => "person,project,task,role,date,hours\nada,LENS,FIT,surveyor,2026-06-16,8\n"]));
        $this->actingAs($this->person('ada'))->post('/people/ada/week/2026-W25/submission');
        $this->actingAs($this->person('ada'))->delete('/people/ada/week/2026-W25/submission');
    }

    public function test_a_trail_that_is_as_it_was_written_is_whole(): void
    {
        $this->trail('verify', 0, 'The trail is whole: 4 lines');
    }

    #[DataProvider('tampering')]
    public function test_what_was_done_to_it_from_outside_is_found(string $statement, int $line): void
    {
        DB::statement('DROP TRIGGER trail_is_not_rewritten');
        DB::statement('DROP TRIGGER trail_is_not_shortened');
        DB::statement($statement);

        $this->trail('verify', 1, 'broken at line '.$line);
    }

    /** @return iterable<string, array{string, int}> */
    public static function tampering(): iterable
    {
        yield 'another actor' => ['UPDATE trail SET actor_id = (SELECT id FROM people WHERE code = \'bo\') WHERE id = 2', 2];
        yield 'another instant' => ["UPDATE trail SET at = '2020-01-01T00:00:00Z' WHERE id = 1", 1];
        yield 'other hours' => ["UPDATE trail SET after = replace(after, '480', '60') WHERE id = 3", 3];
        yield 'a word put in' => ["UPDATE trail SET why = 'as agreed' WHERE id = 3", 3];
        yield 'a line taken out' => ['DELETE FROM trail WHERE id = 2', 3];
        yield 'a line put in' => ["INSERT INTO trail (at, act) VALUES ('2026-06-17T10:00:00Z', 'approve')", 5];
        yield 'a line moved to the end' => ['UPDATE trail SET id = 12 WHERE id = 2', 3];
    }

    public function test_the_table_itself_refuses_to_be_rewritten_or_shortened(): void
    {
        foreach (["UPDATE trail SET why = 'x'", 'DELETE FROM trail', "INSERT OR REPLACE INTO trail (id, at, act) VALUES (2, '2026-06-17T10:00:00Z', 'approve')"] as $statement) {
            try {
                DB::statement($statement);
                self::fail($statement.' was let through');
            } catch (\Illuminate\Database\QueryException $refused) {
                self::assertStringContainsString('append only', $refused->getMessage());
            }
        }
    }

    public function test_another_act_than_verifying_is_refused(): void
    {
        $this->trail('repair', 1, 'not “repair”');
    }

    private function trail(string $act, int $status, string $words): void
    {
        self::assertSame($status, Artisan::call('moss:trail', ['act' => $act]));
        self::assertStringContainsString($words, Artisan::output());
    }
}
