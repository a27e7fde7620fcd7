<?php

declare(strict_types=1);

namespace Tests\App\Preferences;

use App\Support\Language\LocalFormat;
use App\Support\Language\ReaderLanguage;
use Illuminate\Support\Facades\App;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Number;
use Inertia\Testing\AssertableInertia;
use Moss\Core\Calendar\Day;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\App\Lighthouse;
use Tests\App\TestCase;

/** Sentences, numbers and dates in the language and locale of whoever reads them. */
final class LanguageTest extends TestCase
{
    #[DataProvider('locales')]
    public function test_numbers_and_dates_follow_the_locale(string $locale, string $day, string $whole, string $number, string $negative): void
    {
        Number::useLocale($locale);

        self::assertSame([$day, $whole, $number, $negative], [
            LocalFormat::day(Day::of('2026-06-17')), LocalFormat::wholeDay(Day::of('2026-06-17')),
            self::plain(LocalFormat::decimal('1234567.25')), self::plain(LocalFormat::decimal('-0.5')),
        ]);
    }

    /** @return iterable<string, array{string, string, string, string, string}> */
    public static function locales(): iterable
    {
        yield 'British' => ['en-GB', 'Wed 17 Jun', '17 Jun 2026', '1,234,567.25', '−0.5'];
        yield 'American' => ['en-US', 'Wed Jun 17', 'Jun 17, 2026', '1,234,567.25', '−0.5'];
        yield 'Greek' => ['el-GR', 'Τετ 17 Ιουν', '17 Ιουν 2026', '1.234.567,25', '−0,5'];
        yield 'French' => ['fr-FR', 'mer. 17 juin', '17 juin 2026', '1 234 567,25', '−0,5'];
    }

    public function test_a_person_chooses_and_sentences_follow(): void
    {
        $this->import(Lighthouse::files(['entries.csv' => "person,project,task,role,date,hours,state\nada,LENS,FIT,surveyor,2026-06-16,7.5,draft\n"]));
        $this->actingAs($this->person('ada'))->from('/week/2026-W25')->patch('/preferences', ['locale' => 'el-GR'])->assertRedirect('/week/2026-W25');

        $this->actingAs($this->person('ada'))->get('/week/2026-W25')->assertSee('data-locale="el-GR"', false)
            ->assertInertia(fn (AssertableInertia $page) => $page->where('signedIn.locale', 'el-GR'));
        $this->actingAs($this->person('ada'))->post('/people/ada/days/2026-W25/submission')->assertSessionHas('message', "7,5\u{A0}h submitted.");

        $this->actingAs($this->person('ada'))->patch('/preferences', ['locale' => null])->assertSessionHasNoErrors();
        $this->actingAs($this->person('ada'))->get('/week/2026-W25', ['Accept-Language' => 'de-AT,de;q=0.8'])->assertSee('data-locale="de-AT"', false);
        $this->actingAs($this->person('ada'))->get('/week/2026-W25', ['Accept-Language' => 'tlh'])->assertSee('data-locale="en-GB"', false);
    }

    public function test_only_what_there_is_can_be_chosen(): void
    {
        $this->import(Lighthouse::files());
        foreach ([['locale' => 'xx-YY'], ['language' => 'tlh'], ['language' => '../en'], ['language' => null]] as $wrong) {
            $this->actingAs($this->person('ada'))->patch('/preferences', $wrong)->assertSessionHasErrors(array_key_first($wrong));
        }
        self::assertSame(['en', null], [$this->person('ada')->language, $this->person('ada')->locale]);
    }

    public function test_a_stored_language_that_is_gone_falls_back(): void
    {
        $this->import(Lighthouse::files());
        DB::table('people')->where('code', 'ada')->update(['language' => 'tlh']);

        $this->actingAs($this->person('ada'))->get('/week/2026-W25')->assertOk()->assertSee('<html lang="en"', false);
    }

    public function test_what_is_written_for_somebody_else_is_in_their_language_only(): void
    {
        $this->import(Lighthouse::files());
        $this->person('bo')->update(['locale' => 'el-GR']);
        Number::useLocale('en-US');

        self::assertSame('Τετ 17 Ιουν', ReaderLanguage::of($this->person('bo'), static fn (): string => LocalFormat::day(Day::of('2026-06-17'))));
        self::assertSame(['en', 'en-US'], [App::getLocale(), Number::defaultLocale()]);
    }

    private static function plain(string $text): string
    {
        return str_replace(["\u{A0}", "\u{202F}"], ' ', $text);
    }
}
