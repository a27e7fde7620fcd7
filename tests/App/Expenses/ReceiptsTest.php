<?php

declare(strict_types=1);

namespace Tests\App\Expenses;

use App\Features\Receipts\Actions\AddReceipt;
use App\Features\Receipts\Actions\CleanFile;
use App\Features\Receipts\Actions\ReceiptRefused;
use App\Features\Receipts\Reading\ReceiptWords;
use App\Features\Receipts\Reading\WordsOfFiles;
use App\Features\Uploads\Actions\ReceiveUpload;
use App\Models\Expense;
use App\Models\Message;
use App\Models\Receipt;
use App\Models\ReceiptState;
use Dompdf\Dompdf;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\File;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\App\TestCase;

final class ReceiptsTest extends TestCase
{
    use ExpensesHouse {
        setUp as setUpHouse;
    }

    private const TAXI = "Quay Taxis\n16.06.2026\nTotal 23,40 EUR\nVAT 7 % 1,53";

    protected function setUp(): void
    {
        $this->setUpHouse();
        // What a picture says, without reading it.
        $this->app->bind(ReceiptWords::class, static fn (): ReceiptWords => new class implements ReceiptWords
        {
            public function of(string $path, string $mediaType): string
            {
                return ReceiptsTest::words();
            }
        });
    }

    protected function tearDown(): void
    {
        File::deleteDirectory(storage_path('app/private/receipts'));
        File::deleteDirectory(config()->string('moss.receipts_mailbox'));
        parent::tearDown();
    }

    public static function words(): string
    {
        return self::TAXI;
    }

    public function test_a_photographed_receipt_is_made_anew_read_and_pencilled(): void
    {
        $this->actingAs($this->person('ada'))->post('/people/ada/receipts', ['uploads' => [$this->upload(self::picture(), 'IMG_1.jpg')]])->assertSessionHasNoErrors()->assertSessionHas('message', 'Receipt added.');
        $receipt = Receipt::query()->sole();

        self::assertSame([ReceiptState::Read, 'image/jpeg', 'IMG_1.jpg'], [$receipt->state, $receipt->media_type, $receipt->name]);
        self::assertStringNotContainsString('secret place', (string) file_get_contents($receipt->path()), 'nothing is left but the picture');
        self::assertStringNotContainsString(public_path(), $receipt->path());
        $waiting = $this->given('/people/ada/expenses/2026-W25');
        self::assertSame(['value' => '2026-06-16', 'line' => 2, 'seen' => '16.06.2026', 'sureness' => 80], $waiting->value('expenses.receipts.0.date'));
        self::assertSame(['23.40', 'EUR', 'Quay Taxis'], [$waiting->text('expenses.receipts.0.amount.value'), $waiting->text('expenses.receipts.0.currency.value'), $waiting->text('expenses.receipts.0.seller.value')]);
        self::assertSame([], $waiting->value('expenses.expenses'), 'nothing counts before it is confirmed');
    }

    public function test_receipts_become_expenses_together_or_not_at_all(): void
    {
        $first = $this->receipt('one');
        $second = $this->receipt('two');
        $item = static fn (Receipt $receipt, string $category): array => ['receipt' => $receipt->id, 'date' => '2026-06-16', 'amount' => '23.40', 'tax' => '1.53', 'currency' => 'EUR', 'category' => $category];
        $ink = fn (array $items) => $this->actingAs($this->person('ada'))->post('/people/ada/expenses/from-receipts', ['task' => $this->task('FIT')->id, 'trip' => 'Skerry', 'isCharged' => true, 'items' => $items]);

        $ink([$item($first, 'meals'), $item($second, 'nothing')])->assertSessionHasErrors('items.1.category');
        self::assertSame(0, Expense::query()->count());
        $ink([$item($first, 'meals'), ['amount' => '9'] + $item($second, 'hotel')])->assertSessionHasNoErrors()->assertSessionHas('message', '2 expenses added.');
        self::assertSame([[2340, 153, 'Skerry', 1], [900, 153, 'Skerry', 1]], Expense::query()->with('trip', 'receipts')->orderBy('id')->get()->map(static fn (Expense $one): array => [$one->gross_minor, $one->tax_minor, $one->trip?->name, $one->receipts->count()])->all());
        $ink([$item($first, 'meals')])->assertSessionHasErrors('items');

        // The next of the same seller seems to be of the same category.
        $this->receipt('three');
        self::assertSame(['hotel', true], [$this->given('/people/ada/expenses/2026-W25')->value('expenses.receipts.0.category'), $this->given('/people/ada/expenses/2026-W25')->value('expenses.receipts.0.isFromBefore')]);

        // What an expense no longer has waits again.
        $expense = Expense::query()->firstOrFail();
        $this->put("/people/ada/expenses/$expense->id", $this->meal())->assertSessionHasNoErrors();
        self::assertNull($first->refresh()->expense_id);
        $this->delete("/receipts/$second->id")->assertSessionHas('refusal');
        $this->delete("/receipts/$first->id")->assertSessionHas('message', 'Receipt removed.');
        self::assertFileDoesNotExist($first->path());
    }

    /** @param  array<string, int>  $people */
    #[DataProvider('readers')]
    public function test_who_may_look_at_a_receipt(bool $hasExpense, array $people): void
    {
        $receipt = $this->receipt('one');
        if ($hasExpense) {
            $this->add(['receipts' => [$receipt->id]]);
        }
        foreach ($people as $person => $status) {
            $this->actingAs($this->person($person))->get("/receipts/$receipt->id")->assertStatus($status);
        }
        $shown = $this->actingAs($this->person('ada'))->get("/receipts/$receipt->id");
        self::assertSame(["default-src 'none'; sandbox", 'nosniff'], [$shown->headers->get('Content-Security-Policy'), $shown->headers->get('X-Content-Type-Options')]);
    }

    /** @return iterable<string, array{bool, array<string, int>}> */
    public static function readers(): iterable
    {
        // mo manages the project that the expense is on.
        yield 'while it waits' => [false, ['ada' => 200, 'lee' => 200, 'kit' => 200, 'mo' => 403, 'bo' => 403, 'vic' => 403]];
        yield 'of an expense' => [true, ['ada' => 200, 'lee' => 200, 'kit' => 200, 'mo' => 200, 'bo' => 403, 'vic' => 403]];
    }

    #[DataProvider('hostile')]
    public function test_what_is_no_receipt_is_refused_with_a_sentence(string $bytes, string $name, string $says): void
    {
        if ($bytes === '' || strlen($bytes) > CleanFile::MOST_BYTES) {
            // What is sent in pieces is neither; what is mailed may be.
            try {
                CleanFile::of($bytes, $name);
                self::fail('It was taken.');
            } catch (ReceiptRefused $refused) {
                self::assertStringContainsString($says, $refused->getMessage());
            }
        } else {
            $this->actingAs($this->person('ada'))->post('/people/ada/receipts', ['uploads' => [$this->upload($bytes, $name)]])->assertSessionHasErrors('uploads');
            self::assertStringContainsString($says, self::errorOf('uploads'));
        }
        self::assertSame(0, Receipt::query()->count());
        self::assertSame([], File::isDirectory(storage_path('app/private/receipts')) ? File::files(storage_path('app/private/receipts')) : []);
    }

    /** @return iterable<string, array{string, string, string}> */
    public static function hostile(): iterable
    {
        $pdf = static fn (string $inside): string => "%PDF-1.4\n1 0 obj << /Type /Catalog $inside >> endobj\ntrailer << /Root 1 0 R >>\n%%EOF";
        yield 'a page' => ['<html><script>alert(1)</script></html>', 'receipt.jpg', 'neither a picture'];
        yield 'a drawing that can run' => ['<svg xmlns="http://www.w3.org/2000/svg" onload="alert(1)"/>', 'receipt.svg', 'neither a picture'];
        yield 'a program' => ["\x7fELF\x02\x01\x01".str_repeat("\0", 64), 'receipt.png', 'neither a picture'];
        yield 'PHP' => ['<?php system($_GET["c"]);', 'receipt.php', 'neither a picture'];
        yield 'an archive' => ["PK\x03\x04".str_repeat("\0", 40), 'receipt.zip', 'neither a picture'];
        yield 'nothing' => ['', 'receipt.pdf', 'is empty'];
        yield 'half a picture' => [substr(self::picture(), 0, 60), 'receipt.jpg', 'cannot be opened'];
        yield 'a picture with a page behind it, cut off' => ["\x89PNG\r\n\x1a\n<script>", 'receipt.png', 'receipt.png'];
        // 60,000 × 60,000 pixels, of which only the head is there.
        yield 'a picture too large to open' => ["\x89PNG\r\n\x1a\n\0\0\0\rIHDR".pack('NN', 60_000, 60_000)."\x08\x02\0\0\0".str_repeat("\0", 32), 'receipt.png', 'too many pixels'];
        yield 'a PDF with a script' => [$pdf('/OpenAction << /S /JavaScript /JS (app.alert(1)) >>'), 'receipt.pdf', 'scripts or other files'];
        yield 'a PDF with a script, in disguise' => [$pdf('/OpenAction << /S /J#61vaScript >>'), 'receipt.pdf', 'scripts or other files'];
        yield 'a PDF within a PDF' => [$pdf('/Names << /EmbeddedFiles 3 0 R >>'), 'receipt.pdf', 'scripts or other files'];
        yield 'a PDF that starts a program' => [$pdf('/AA << /O << /S /Launch >> >>'), 'receipt.pdf', 'scripts or other files'];
        yield 'a PDF with a password' => [$pdf('/Encrypt 9 0 R'), 'receipt.pdf', 'locked'];
        yield 'a PDF that ends too soon' => ["%PDF-1.4\n1 0 obj", 'receipt.pdf', 'cannot be opened'];
        yield 'too many bytes' => ['%PDF-1.4'.str_repeat('x', CleanFile::MOST_BYTES), 'receipt.pdf', 'larger than 10 MB'];
    }

    public function test_the_same_receipt_is_taken_once(): void
    {
        $this->receipt('one');
        $this->expectException(ReceiptRefused::class);

        $this->receipt('one');
    }

    public function test_some_of_several_files_may_be_refused(): void
    {
        $this->actingAs($this->person('ada'))->post('/people/ada/receipts', ['uploads' => [$this->upload(self::picture(), 'a.jpg'), $this->upload('text', 'b.jpg')]])->assertSessionHasErrors(['uploads' => 'b.jpg is neither a picture (JPEG, PNG, WebP, GIF) nor a PDF. Photograph or scan the receipt.']);

        self::assertSame(['a.jpg'], Receipt::query()->pluck('name')->all());
        $this->post('/people/ada/receipts', ['uploads' => [str_repeat('0', 32)]])->assertSessionHasErrors(['uploads' => 'A file did not arrive whole, or is larger than 10 MB. Add it again, or photograph it at a lower resolution.']);
        $this->actingAs($this->person('bo'))->post('/people/ada/receipts', ['uploads' => [$this->upload(self::picture('c'), 'c.jpg')]])->assertForbidden();
    }

    public function test_the_words_of_a_pdf_are_read(): void
    {
        $file = tempnam(sys_get_temp_dir(), 'receipt');
        self::assertIsString($file);
        $pdf = new Dompdf;
        $pdf->loadHtml('<p>Harbour Rest Hotel</p><p>12 June 2026</p><p>Total EUR 204.00</p>');
        $pdf->render();
        file_put_contents($file, $pdf->output());

        self::assertStringContainsString('Total EUR 204.00', (new WordsOfFiles)->of($file, 'application/pdf'));
        file_put_contents($file, '%PDF-1.4 broken %%EOF');
        self::assertSame('', (new WordsOfFiles)->of($file, 'application/pdf'));
        unlink($file);
    }

    public function test_receipts_come_by_mail(): void
    {
        $box = config()->string('moss.receipts_mailbox');
        File::ensureDirectoryExists($box);
        $mail = static fn (string $from, string $attachment): string => "From: Ada Moor <$from>\r\nTo: receipts@lighthouse.example\r\nSubject: =?utf-8?Q?Skerry_=E2=80=93_receipts?=\r\nMIME-Version: 1.0\r\nContent-Type: multipart/mixed; boundary=cut\r\n\r\n"
            ."--cut\r\nContent-Type: text/plain\r\n\r\nHere you are.\r\n--cut\r\nContent-Type: image/jpeg; name=\"taxi.jpg\"\r\nContent-Disposition: attachment; filename=\"taxi.jpg\"\r\nContent-Transfer-Encoding: base64\r\n\r\n"
            .chunk_split(base64_encode($attachment))."--cut--\r\n";
        file_put_contents("$box/1.eml", $mail('Ada@lighthouse.example', self::picture()));
        file_put_contents("$box/2.eml", $mail('nobody@elsewhere.example', self::picture('b')));
        file_put_contents("$box/3.eml", $mail('ada@lighthouse.example', '<?php'));
        file_put_contents("$box/4.eml", 'no headers at all');

        Artisan::call('moss:receipts-mail');
        self::assertSame('Receipts taken: 1. Messages put aside: 3.', trim(Artisan::output()));
        self::assertSame([['taxi.jpg', true, $this->person('ada')->id]], Receipt::query()->get()->map(static fn (Receipt $one): array => [$one->name, $one->mailed, $one->person_id])->all());
        self::assertSame(['2.eml', '3.eml', '4.eml'], array_map(basename(...), glob("$box/refused/*.eml") ?: []));
        Artisan::call('moss:receipts-mail');
        self::assertSame('Receipts taken: 0. Messages put aside: 0.', trim(Artisan::output()), 'none twice');
    }

    public function test_people_are_reminded_daily_or_weekly_as_they_want(): void
    {
        $this->receipt('one');
        $this->receipt('two');
        $reminded = function (string $day): int {
            $this->itIs($day);
            Artisan::call('moss:receipts-reminders');

            return Message::query()->where('kind', 'receipts waiting')->count();
        };
        self::assertSame([1, 1, 2], [$reminded('2026-06-17'), $reminded('2026-06-17'), $reminded('2026-06-18')], 'once a day');
        self::assertContains('Receipts waiting to be confirmed: 2.', self::each($this->actingAs($this->person('ada'))->given('/messages')->value('messages.messages'), 'text'));
        $this->put('/people/ada/receipts/reminder', ['reminder' => 'weekly'])->assertSessionHas('message');
        $this->put('/people/ada/receipts/reminder', ['reminder' => 'hourly'])->assertSessionHasErrors('reminder');
        self::assertSame([2, 3], [$reminded('2026-06-19'), $reminded('2026-06-22')], 'on Mondays');
        $this->person('ada')->update(['receipt_reminder' => 'never']);
        self::assertSame(3, $reminded('2026-06-29'));
    }

    public function test_receipts_of_days_that_follow_each_other_are_pencilled_as_a_trip(): void
    {
        foreach (['2026-06-10', '2026-06-11', '2026-06-12'] as $day) {
            $this->receipt($day)->fill(['reading' => ['date' => ['value' => $day, 'line' => 1, 'seen' => $day, 'sureness' => 85]]])->save();
        }

        self::assertSame(array_fill(0, 3, '10 Jun 2026 to 12 Jun 2026'), self::each($this->actingAs($this->person('ada'))->given('/people/ada/expenses/2026-W25')->value('expenses.receipts'), 'trip'));
    }

    private function receipt(string $of): Receipt
    {
        return $this->app->make(AddReceipt::class)->handle($this->person('ada'), self::picture($of), "$of.jpg");
    }

    /** @return string the id of a file that ada has sent */
    private function upload(string $bytes, string $name): string
    {
        $receive = $this->app->make(ReceiveUpload::class);
        $upload = $receive->begin($this->person('ada'), $name, max(1, strlen($bytes)));
        foreach (str_split($bytes, ReceiveUpload::PIECE) as $index => $piece) {
            $receive->append($upload->refresh(), $index * ReceiveUpload::PIECE, $piece);
        }

        return $upload->id;
    }

    /** A JPEG with a comment in it, another for another word. */
    private static function picture(string $of = 'a'): string
    {
        $picture = imagecreatetruecolor(40, 60);
        assert($picture !== false);
        imagefill($picture, 0, 0, (int) imagecolorallocate($picture, abs(crc32($of)) % 256, 250, 250));
        ob_start();
        imagejpeg($picture);
        $bytes = (string) ob_get_clean();
        $comment = "secret place $of";

        return substr($bytes, 0, 2)."\xff\xfe".pack('n', strlen($comment) + 2).$comment.substr($bytes, 2);
    }
}
