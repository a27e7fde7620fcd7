<?php

declare(strict_types=1);

namespace Tests\App\Exchange;

use App\Models\FileTransfer;
use App\Models\Organisation;
use App\Models\TransferState;
use App\Models\Upload;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Tests\App\Lighthouse;
use Tests\App\TestCase;
use ZipArchive;

/** Files in and out in the browser. Work in the background is done at once here. */
final class TransfersTest extends TestCase
{
    private const ROLES = "role,name\nsurveyor,Surveyor of lamps\nsenior,Senior\nkeeper,Keeper\n";

    protected function setUp(): void
    {
        parent::setUp();
        config(['queue.default' => 'sync']);
        $this->import(Lighthouse::files());
        $this->actingAs($this->person('kit'));
    }

    protected function tearDown(): void
    {
        foreach (FileTransfer::query()->get() as $transfer) {
            File::deleteDirectory($transfer->folder());
        }
        foreach (Upload::query()->get() as $upload) {
            File::delete($upload->path());
        }
        parent::tearDown();
    }

    public function test_files_are_checked_row_by_row_before_anything_changes(): void
    {
        $id = $this->check(['roles.csv' => self::ROLES]);

        self::assertSame(['surveyor' => 'Surveyor', 'senior' => 'Senior'], DB::table('roles')->pluck('name', 'code')->all());
        $preview = $this->given("/office/files/$id");
        self::assertSame(['checked', 1, 1, 1], [$preview->value('preview.transfer.state'), $preview->int('preview.transfer.files.0.new'), $preview->int('preview.transfer.files.0.changed'), $preview->int('preview.transfer.files.0.same')]);
        self::assertSame([['new', 4, 'keeper'], ['changed', 2, 'surveyor']], array_map(null, self::each($preview->value('preview.rows'), 'outcome'), self::each($preview->value('preview.rows'), 'line'), self::each($preview->value('preview.rows'), 'key')));
        self::assertSame(['name', 'Surveyor', 'Surveyor of lamps'], [$preview->value('preview.rows.1.changes.0.column'), $preview->value('preview.rows.1.changes.0.before'), $preview->value('preview.rows.1.changes.0.after')]);
        self::assertSame(['keeper'], self::each($this->given("/office/files/$id?outcome=new")->value('preview.rows'), 'key'));
        self::assertSame([], self::each($this->given("/office/files/$id?file=people.csv")->value('preview.rows'), 'key'));
    }

    public function test_what_is_checked_is_imported_and_taken_back_to_the_last_byte(): void
    {
        $before = $this->exported();
        $id = $this->check([
            'roles.csv' => self::ROLES,
            'people.csv' => "person,name,email,team,manager,role\nada,Ada Moor-Hill,ada@lighthouse.example,field,lee,keeper\nzoe,Zoe Reed,zoe@lighthouse.example,field,lee,keeper\n",
            'organisation.csv' => "key,value\nname,Lighthouse Board\n",
            'tasks.csv' => "project,task,name,phase,planned\nLENS,HORN,Fog horn,Sound,12\nLENS,FIT,Fit the lens,Refit,44\n",
            'assignments.csv' => "project,task,person,role,planned,starts_on,ends_on\nLENS,HORN,zoe,keeper,12,2026-06-15,2026-06-26\n",
            'absences.csv' => "person,date,hours,kind\nzoe,2026-06-19,,Leave\n",
            'entries.csv' => "person,project,task,role,date,hours,state\nzoe,LENS,HORN,keeper,2026-06-16,11,submitted\nada,LENS,FIT,surveyor,2026-06-16,8,draft\nbo,LENS,HORN,senior,2026-06-17,3,draft\n",
        ]);
        $this->post("/office/files/$id/run")->assertRedirect()->assertSessionMissing('refusal');

        self::assertSame(['Lighthouse Board', 3, 'Zoe Reed'], [Organisation::query()->sole()->name, DB::table('entries')->count(), $this->person('zoe')->name]);
        self::assertSame([TransferState::Done, 0], [FileTransfer::query()->findOrFail($id)->state, Artisan::call('moss:verify')]);
        self::assertSame($this->person('kit')->id, DB::table('audit_trail')->where('act', 'import')->where('subject', 'exchange')->latest('id')->value('actor_id'));

        $this->post("/office/files/$id/taken-back")->assertSessionHas('message', 'The import is taken back.');
        self::assertSame($before, $this->exported());
        self::assertSame(0, Artisan::call('moss:verify'));
        $this->post("/office/files/$id/taken-back")->assertSessionHas('refusal', 'This import is not in effect, so it cannot be taken back. Reload to see its status.');
    }

    public function test_an_import_on_which_something_was_built_stays(): void
    {
        $id = $this->check(['roles.csv' => self::ROLES]);
        $this->post("/office/files/$id/run");
        $keeper = DB::table('roles')->where('code', 'keeper')->value('id');
        $this->person('bo')->update(['role_id' => $keeper]);
        // The import left its constraints to the end of the transaction, which in a test does not come.
        DB::statement('PRAGMA defer_foreign_keys = OFF');
        $this->post("/office/files/$id/taken-back")->assertSessionHas('refusal', 'This import cannot be taken back: something else refers to what it added, or it is settled. Nothing was changed.');
        self::assertSame(['Surveyor of lamps', TransferState::Done], [DB::table('roles')->where('code', 'surveyor')->value('name'), FileTransfer::query()->findOrFail($id)->state]);

        $this->person('bo')->update(['role_id' => null]);
        DB::table('roles')->where('code', 'surveyor')->update(['name' => 'Lamp surveyor']);
        $this->post("/office/files/$id/taken-back")->assertSessionHas('refusal', 'This import cannot be taken back: rows of roles.csv have changed since. Nothing was changed.');
        self::assertSame(3, DB::table('roles')->count());
    }

    public function test_what_is_wrong_is_listed_with_its_row_and_nothing_is_imported(): void
    {
        $id = $this->check(['people.csv' => "person,name,email\nzoe,Zoe,nowhere\nyan,Yan,yan@lighthouse.example\n"]);

        $preview = $this->given("/office/files/$id?outcome=wrong");
        self::assertSame([['people.csv', 2, 'email: nowhere', 'an email address, such as name@example.org']], array_map(null, self::each($preview->value('preview.rows'), 'file'), self::each($preview->value('preview.rows'), 'line'), self::each($preview->value('preview.rows'), 'key'), self::each($preview->value('preview.rows'), 'expected')));
        $this->post("/office/files/$id/run")->assertSessionHas('refusal', 'These files are not ready to be imported. Reload to see their status.');
        $this->delete("/office/files/$id")->assertSessionHas('message', 'The files are discarded; nothing was imported.');
        self::assertSame([0, 6], [FileTransfer::query()->count(), DB::table('people')->count()]);
    }

    public function test_a_zip_is_one_file_and_a_replaced_plan_tells_what_is_gone(): void
    {
        $path = $this->folder().'/plan.zip';
        $zip = new ZipArchive;
        $zip->open($path, ZipArchive::CREATE);
        $zip->addFromString('assignments.csv', "project,task,person,team,role,planned,starts_on,ends_on\nLENS,FIT,ada,,surveyor,32,2026-06-15,2026-06-26\n");
        $zip->close();
        $id = $this->sent([$this->upload('plan.zip', (string) file_get_contents($path))], true);

        self::assertSame(['gone', 'gone'], self::each($this->given("/office/files/$id?outcome=gone")->value('preview.rows'), 'outcome'));
        $this->post("/office/files/$id/run");
        self::assertSame(2, DB::table('assignments')->count());
        $this->post("/office/files/$id/taken-back")->assertSessionHas('message', 'The import is taken back.');
        self::assertSame([4, 0], [DB::table('assignments')->count(), Artisan::call('moss:verify')]);
    }

    public function test_only_exchange_files_are_taken(): void
    {
        foreach ([['notes.txt', 'x'], ['../people.csv2', 'x']] as [$name, $content]) {
            $this->post('/office/files/imports', ['uploads' => [$this->upload($name, $content)]])->assertSessionHasErrors('uploads');
        }
        $this->post('/office/files/imports', ['uploads' => [str_repeat('0', 32)]])->assertSessionHasErrors('uploads');
        $this->post('/office/files/imports', ['uploads' => []])->assertSessionHasErrors('uploads');
        self::assertSame(0, FileTransfer::query()->count());
    }

    public function test_nothing_of_refused_files_is_in_the_next_import(): void
    {
        $roles = $this->upload('roles.csv', "role,name\ndiver,Diver\n");
        $this->post('/office/files/imports', ['uploads' => [$roles, $this->upload('notes.txt', 'x')]])->assertSessionHasErrors('uploads');
        // What was in order can be sent again with what is right.
        $id = $this->sent([$this->upload('teams.csv', "team,name\ndocks,Docks\n")], false);
        self::assertSame(['teams.csv'], self::each($this->given("/office/files/$id")->value('preview.rows'), 'file'));
        $id = $this->sent([$roles], false);
        self::assertSame(['roles.csv'], self::each($this->given("/office/files/$id")->value('preview.rows'), 'file'));

        $this->post('/office/files/imports', ['uploads' => [$this->upload('roles.csv', "role,name\npilot,Pilot\n"), str_repeat('0', 32)]])->assertSessionHasErrors('uploads');
        $id = $this->sent([$this->upload('teams.csv', "team,name\npiers,Piers\n")], false);
        self::assertSame(['teams.csv'], self::each($this->given("/office/files/$id")->value('preview.rows'), 'file'));
    }

    public function test_chosen_files_of_a_period_are_exported_and_downloaded_for_a_day(): void
    {
        $this->import(['entries.csv' => "person,project,task,date,hours\nada,LENS,FIT,2026-06-16,8\nada,LENS,FIT,2026-05-16,4\n"]);
        $this->post('/office/files/exports', ['kinds' => ['entries.csv', 'roles.csv'], 'from' => '2026-06-01', 'to' => '2026-06-30'])->assertSessionHas('message', 'The files are being written.');

        $transfer = FileTransfer::query()->sole();
        self::assertSame([TransferState::Done, ['roles.csv' => ['rows' => 2], 'entries.csv' => ['rows' => 1]]], [$transfer->state, $transfer->report]);
        $path = $this->folder().'/export.zip';
        file_put_contents($path, $this->get("/office/files/$transfer->id/download")->assertOk()->assertDownload()->streamedContent());
        $zip = new ZipArchive;
        self::assertTrue($zip->open($path));
        self::assertSame(2, $zip->numFiles);
        self::assertStringContainsString('2026-06-16', (string) $zip->getFromName('entries.csv'));
        self::assertStringNotContainsString('2026-05-16', (string) $zip->getFromName('entries.csv'));
        self::assertTrue($this->given('/office/files')->value('files.transfers.0.hasFile'));

        $transfer->update(['begun_at' => '2020-01-01T00:00:00Z']);
        Artisan::call('moss:clear-transfers');
        $this->get("/office/files/$transfer->id/download")->assertRedirect('/office/files')->assertSessionHas('refusal', 'This file is no longer there. Export it again.');
        $this->post('/office/files/exports', ['kinds' => ['secrets']])->assertSessionHasErrors('kinds.0');
        $this->post('/office/files/exports', ['kinds' => ['roles.csv'], 'from' => '2026-06-30', 'to' => '2026-06-01'])->assertSessionHasErrors('to');
    }

    public function test_everything_exported_here_and_imported_elsewhere_is_equal(): void
    {
        $before = $this->exported();
        $this->post('/office/files/exports', ['kinds' => array_keys($before)]);
        $path = FileTransfer::query()->sole()->folder().'/export.zip';
        $folder = $this->folder();
        $zip = new ZipArchive;
        $zip->open($path);
        $zip->extractTo($folder);
        foreach ($before as $name => $content) {
            self::assertSame($content, file_get_contents("$folder/$name"), $name);
        }
    }

    /** @param  array<string, string>  $files */
    private function check(array $files): int
    {
        return $this->sent(array_map($this->upload(...), array_keys($files), $files), false);
    }

    /** @param  list<string>  $uploads */
    private function sent(array $uploads, bool $replacesPlan): int
    {
        $this->post('/office/files/imports', ['uploads' => $uploads, 'replacesPlan' => $replacesPlan])->assertSessionHasNoErrors()->assertRedirectContains('/office/files/');

        return self::lastId('file_transfers');
    }

    private function upload(string $name, string $content): string
    {
        $id = $this->postJson('/uploads', ['name' => $name, 'size' => strlen($content)])->assertCreated()->json('id');
        self::assertIsString($id);
        $this->call('PUT', "/uploads/$id?from=0", server: ['CONTENT_TYPE' => 'application/octet-stream'], content: $content)->assertOk();

        return $id;
    }

    /** @return array<string, string> contents by file name */
    private function exported(): array
    {
        $folder = $this->folder();
        self::assertSame(0, Artisan::call('moss:export', ['folder' => $folder]));
        $files = [];
        foreach (glob($folder.'/*.csv') ?: [] as $path) {
            $files[basename($path)] = (string) file_get_contents($path);
        }

        return $files;
    }
}
