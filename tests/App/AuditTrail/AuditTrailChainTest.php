<?php

declare(strict_types=1);

namespace Tests\App\AuditTrail;

use App\AuditTrail\AuditTrailChain;
use App\AuditTrail\AuditTrailHead;
use App\Support\Database\Record;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\App\Lighthouse;
use Tests\App\TestCase;

final class AuditTrailChainTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->import(Lighthouse::files(['entries.csv' => "person,project,task,role,date,hours\nada,LENS,FIT,surveyor,2026-06-16,8\n"]));
        $this->actingAs($this->person('ada'))->post('/people/ada/days/2026-W25/submission');
        $this->actingAs($this->person('ada'))->delete('/people/ada/days/2026-W25/submission');
    }

    public function test_an_audit_trail_that_is_as_it_was_written_is_whole(): void
    {
        $this->auditTrail('verify', 0, 'The audit trail is intact: 4 lines');
    }

    #[DataProvider('tampering')]
    public function test_what_was_done_to_it_from_outside_is_found(string $statement, int $line): void
    {
        DB::statement('DROP TRIGGER audit_trail_lines_are_not_changed');
        DB::statement('DROP TRIGGER audit_trail_lines_are_not_deleted');
        DB::statement($statement);

        $this->auditTrail('verify', 1, 'broken at line '.$line);
    }

    /** @return iterable<string, array{string, int}> */
    public static function tampering(): iterable
    {
        yield 'another actor' => ['UPDATE audit_trail SET actor_id = (SELECT id FROM people WHERE code = \'bo\') WHERE id = 2', 2];
        yield 'another instant' => ["UPDATE audit_trail SET at = '2020-01-01T00:00:00Z' WHERE id = 1", 1];
        yield 'other hours' => ["UPDATE audit_trail SET after = replace(after, '480', '60') WHERE id = 3", 3];
        yield 'a text put in' => ["UPDATE audit_trail SET why = 'as agreed' WHERE id = 3", 3];
        yield 'a line taken out' => ['DELETE FROM audit_trail WHERE id = 2', 3];
        yield 'a line put in' => ["INSERT INTO audit_trail (at, act) VALUES ('2026-06-17T10:00:00Z', 'approve')", 5];
        yield 'a line moved to the end' => ['UPDATE audit_trail SET id = 12 WHERE id = 2', 3];
    }

    public function test_the_table_itself_refuses_to_be_rewritten_or_shortened(): void
    {
        foreach (["UPDATE audit_trail SET why = 'x'", 'DELETE FROM audit_trail', "INSERT OR REPLACE INTO audit_trail (id, at, act) VALUES (2, '2026-06-17T10:00:00Z', 'approve')"] as $statement) {
            try {
                DB::statement($statement);
                self::fail($statement.' was let through');
            } catch (\Illuminate\Database\QueryException $refused) {
                self::assertStringContainsString('append-only', $refused->getMessage());
            }
        }
    }

    /** @return iterable<string, array{string, string}> */
    public static function endings(): iterable
    {
        yield 'the last line cut off' => ['DELETE FROM audit_trail WHERE id = 4', 'seal is for 4 lines and does not match the 3 that there are'];
        yield 'emptied' => ['DELETE FROM audit_trail', 'seal is for 4 lines and does not match the 0 that there are'];
        yield 'emptied with its head' => ['DELETE FROM audit_trail; DELETE FROM audit_trail_heads', 'seal is for 0 lines and does not match the 0 that there are'];
        yield 'cut off, and the head made to fit' => ['DELETE FROM audit_trail WHERE id = 4; UPDATE audit_trail_heads SET lines = 3, hash = (SELECT hash FROM audit_trail WHERE id = 3)', 'seal is for 3 lines and does not match the 3 that there are'];
    }

    #[DataProvider('endings')]
    public function test_an_audit_trail_that_ends_too_soon_is_found(string $statements, string $sentence): void
    {
        DB::statement('DROP TRIGGER audit_trail_lines_are_not_deleted');
        DB::unprepared($statements);

        $this->auditTrail('verify', 1, $sentence);
    }

    public function test_who_has_no_key_cannot_write_it_anew_from_a_line_on(): void
    {
        DB::statement('DROP TRIGGER audit_trail_lines_are_not_changed');
        DB::statement("UPDATE audit_trail SET why = 'as agreed' WHERE id = 3");
        $key = config('moss.audit_key');
        config(['moss.audit_key' => 'guessed']);
        $hash = self::hashOf(2);
        foreach (Record::all(DB::table('audit_trail')->where('id', '>', 2)->orderBy('id')) as $line) {
            $hash = AuditTrailChain::hash($hash, $line->toArray());
            DB::table('audit_trail')->where('id', $line->int('id'))->update(['hash' => $hash]);
        }
        AuditTrailHead::write(4, $hash);
        config(['moss.audit_key' => $key]);

        $this->auditTrail('verify', 1, 'broken at line 3');
    }

    public function test_an_anchor_stored_elsewhere_shows_what_was_put_back(): void
    {
        $anchors = $this->folder().'/anchors.txt';
        self::assertSame(0, Artisan::call('moss:audit', ['act' => 'anchor', '--anchors' => $anchors]));
        $this->actingAs($this->person('ada'))->post('/people/ada/days/2026-W25/submission');
        self::assertSame(0, Artisan::call('moss:audit', ['act' => 'anchor', '--anchors' => $anchors]));
        self::assertSame(0, Artisan::call('moss:audit', ['act' => 'verify', '--anchors' => $anchors]));
        // Somebody with the key, or with an old copy of the database, takes the newest lines away and seals the rest.
        DB::statement('DROP TRIGGER audit_trail_lines_are_not_deleted');
        DB::table('audit_trail')->where('id', '>', 4)->delete();
        AuditTrailHead::write(4, self::hashOf(4));

        $this->auditTrail('verify', 0, 'intact: 4 lines');
        self::assertSame(1, Artisan::call('moss:audit', ['act' => 'verify', '--anchors' => $anchors]));
        self::assertStringContainsString('differ from the anchor', Artisan::output());
    }

    public function test_files_of_anchors_and_databases_must_be_such(): void
    {
        $folder = $this->folder(['notes.txt' => "nothing\n"]);
        foreach ([['--anchors' => $folder.'/none.txt'], ['--anchors' => $folder.'/notes.txt'], ['database' => $folder.'/notes.txt'], ['database' => $folder.'/none.sqlite']] as $option) {
            self::assertSame(1, Artisan::call('moss:audit', ['act' => 'verify'] + $option));
        }
        self::assertSame(1, Artisan::call('moss:verify', ['database' => $folder.'/none.sqlite']));
    }

    public function test_another_act_than_verifying_is_refused(): void
    {
        $this->auditTrail('repair', 1, '“repair”');
    }

    private static function hashOf(int $line): string
    {
        return Record::all(DB::table('audit_trail')->where('id', $line))[0]->string('hash');
    }

    private function auditTrail(string $act, int $status, string $words): void
    {
        self::assertSame($status, Artisan::call('moss:audit', ['act' => $act]));
        self::assertStringContainsString($words, Artisan::output());
    }
}
