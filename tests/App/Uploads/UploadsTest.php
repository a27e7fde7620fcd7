<?php

declare(strict_types=1);

namespace Tests\App\Uploads;

use App\Features\Uploads\Actions\ReceiveUpload;
use App\Models\Upload;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\TestWith;
use Symfony\Component\HttpFoundation\Response;
use Tests\App\Lighthouse;
use Tests\App\TestCase;

/** Files that come in pieces. */
final class UploadsTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->import(Lighthouse::files());
        $this->actingAs($this->person('ada'));
    }

    protected function tearDown(): void
    {
        foreach (Upload::query()->get() as $upload) {
            @unlink($upload->path());
        }
        parent::tearDown();
    }

    public function test_pieces_come_in_their_order_and_make_the_file(): void
    {
        $id = $this->begin(8);
        $this->piece($id, 0, 'abcde')->assertOk()->assertJsonPath('received', 5);
        $this->piece($id, 0, 'abcde')->assertConflict()->assertJsonPath('received', 5);
        $this->piece($id, 6, 'fg')->assertConflict();
        $this->piece($id, 5, 'fghi')->assertConflict();
        $this->piece($id, 5, 'fgh')->assertOk()->assertJsonPath('received', 8);

        $to = $this->folder().'/file';
        self::assertNull($this->receive()->handOver($this->person('bo'), $id, $to));
        self::assertSame('plan.pdf', $this->receive()->handOver($this->person('ada'), $id, $to)?->name);
        self::assertSame('abcdefgh', file_get_contents($to));
        self::assertNull($this->receive()->handOver($this->person('ada'), $id, $to));
    }

    public function test_what_is_not_complete_is_not_handed_over(): void
    {
        $id = $this->begin(8);
        $this->piece($id, 0, 'abc');
        self::assertNull($this->receive()->handOver($this->person('ada'), $id, $this->folder().'/file'));
    }

    public function test_nobody_else_adds_to_it(): void
    {
        $id = $this->begin(8);
        $this->actingAs($this->person('bo'));
        $this->piece($id, 0, 'abc')->assertNotFound();
        $this->piece(str_repeat('0', 32), 0, 'abc')->assertNotFound();
        $this->piece('../../etc', 0, 'abc')->assertStatus(405);
        self::assertSame(0, Upload::query()->sole()->received);
    }

    /** @param  array<string, mixed>  $body */
    #[TestWith([['name' => '', 'size' => 1], 'name'])]
    #[TestWith([['name' => 'a', 'size' => 0], 'size'])]
    #[TestWith([['name' => 'a', 'size' => 10485761], 'size'])]
    #[TestWith([['name' => 'a', 'size' => 'much'], 'size'])]
    public function test_what_cannot_be_sent_is_refused(array $body, string $field): void
    {
        $this->postJson('/uploads', $body)->assertUnprocessable()->assertJsonValidationErrors($field);
        self::assertSame(0, Upload::query()->count());
    }

    public function test_the_time_office_sends_large_files(): void
    {
        $this->actingAs($this->person('kit'))->postJson('/uploads', ['name' => 'entries.csv', 'size' => 10485761])->assertCreated();
    }

    public function test_a_path_in_the_name_is_dropped(): void
    {
        $this->postJson('/uploads', ['name' => '../../plan.pdf', 'size' => 1])->assertCreated();
        self::assertSame('plan.pdf', Upload::query()->sole()->name);
    }

    public function test_what_was_never_used_is_removed_after_a_day(): void
    {
        $id = $this->begin(8);
        $this->begin(9);
        Upload::query()->whereKey($id)->update(['begun_at' => '2020-01-01T00:00:00Z']);
        Artisan::call('moss:clear-uploads');
        self::assertSame(9, Upload::query()->sole()->size);
        self::assertFileDoesNotExist(storage_path("app/private/uploads/$id"));
    }

    private function begin(int $size): string
    {
        $id = $this->postJson('/uploads', ['name' => 'plan.pdf', 'size' => $size])->assertCreated()->json('id');
        self::assertIsString($id);

        return $id;
    }

    /** @return TestResponse<Response> */
    private function piece(string $id, int $from, string $piece): TestResponse
    {
        return $this->call('PUT', "/uploads/$id?from=$from", server: ['CONTENT_TYPE' => 'application/octet-stream', 'HTTP_ACCEPT' => 'application/json'], content: $piece);
    }

    private function receive(): ReceiveUpload
    {
        return $this->app->make(ReceiveUpload::class);
    }
}
