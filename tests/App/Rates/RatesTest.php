<?php

declare(strict_types=1);

namespace Tests\App\Rates;

use App\Models\Organisation;
use App\Models\Rate;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\ViewErrorBag;
use Inertia\Testing\AssertableInertia;
use Moss\Core\Effort\EstimateMode;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\App\Lighthouse;
use Tests\App\TestCase;

final class RatesTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->import(Lighthouse::files(['entries.csv' => "person,project,task,role,date,hours,state\nada,LENS,FIT,surveyor,2026-06-16,4,approved\nbo,LENS,FIT,,2026-06-17,2,approved\n"]));
        $this->actingAs($this->person('kit'));
    }

    public function test_a_rate_counts_at_once_for_what_is_recorded_since_its_day(): void
    {
        self::assertSame('350.60', $this->actualCost());
        $this->put('/office/rates', ['person' => 'ada', 'role' => 'surveyor', 'from' => '2026-06-16', 'cost' => '100', 'bill' => '150,5'])->assertSessionHasNoErrors();
        self::assertSame('400.00', $this->actualCost());
        $this->put('/office/rates', ['person' => 'ada', 'role' => 'surveyor', 'from' => '2026-06-16', 'cost' => '110.25'])->assertSessionHasNoErrors();
        self::assertSame('441.00', $this->actualCost());
        $this->put('/office/rates', ['person' => 'Bo Carr', 'from' => '2026-01-01', 'cost' => '50'])->assertSessionHasNoErrors();
        self::assertSame('541.00', $this->actualCost());
        $this->delete('/office/rates/'.Rate::query()->where('cost_rate', '110.25')->sole()->id);
        self::assertSame('450.60', $this->actualCost());

        self::assertSame(0, Artisan::call('moss:verify'), Artisan::output());
        self::assertSame(['save', 'save', 'save', 'remove'], DB::table('audit_trail')->where('subject', 'rate')->whereNotNull('actor_id')->orderBy('id')->pluck('act')->all());
        self::assertSame('{"cost_rate":"100.00","bill_rate":"150.50"}', DB::table('audit_trail')->where('subject', 'rate')->where('act', 'save')->orderBy('id')->skip(1)->value('before'));
    }

    public function test_for_whom_no_rate_is_known_is_said_until_one_is(): void
    {
        $missing = $this->given('/office/rates')->rows('rates.unrated');
        self::assertSame([['Bo Carr', 120, '2026-06']], array_map(static fn ($one): array => [$one->text('person'), $one->int('minutes'), $one->text('since')], $missing));
        $this->put('/office/rates', ['person' => 'bo', 'from' => '2026-06-01', 'cost' => '50']);

        self::assertSame([], $this->given('/office/rates')->rows('rates.unrated'));
    }

    public function test_of_several_rates_one_is_in_force(): void
    {
        foreach (['2026-03-01' => '90', '2026-07-01' => '95'] as $from => $cost) {
            $this->put('/office/rates', ['role' => 'surveyor', 'from' => $from, 'cost' => $cost]);
        }
        $rates = $this->given('/office/rates?search=surveyor')->rows('rates.rates');

        self::assertSame([['2026-07-01', false], ['2026-03-01', true], ['2026-01-01', false]], array_map(static fn ($rate): array => [$rate->text('from'), $rate->value('isInForce')], $rates));
        self::assertSame(0, $this->given('/office/rates?search=%25')->int('rates.count'));
    }

    /** @param  array<string, string>  $said */
    #[DataProvider('bad')]
    public function test_what_is_said_wrongly_is_refused_and_nothing_saved(array $said, string $field, string $part): void
    {
        $this->put('/office/rates', $said + ['person' => 'ada', 'from' => '2026-06-01', 'cost' => '90'])->assertSessionHasErrors([$field]);
        $errors = session('errors');
        self::assertInstanceOf(ViewErrorBag::class, $errors);
        self::assertStringContainsString($part, $errors->first($field));
        self::assertSame(1, Rate::query()->count());
    }

    /** @return iterable<string, array{array<string, string>, string, string}> */
    public static function bad(): iterable
    {
        yield 'of nobody' => [['person' => '', 'role' => ''], 'person', 'a person, a role, or both'];
        yield 'somebody unknown' => [['person' => 'Zoe'], 'person', '”. Enter the code as it appears in the list.'];
        yield 'an unknown role' => [['role' => 'pilot'], 'role', ''];
        yield 'no day' => [['from' => 'June'], 'from', 'Enter the day from which the rate applies.'];
        yield 'no money' => [['cost' => '-1'], 'cost', 'Enter the cost per hour, such as 87.65, with at most four decimal places.'];
        yield 'too exact' => [['cost' => '1.23456'], 'cost', 'Enter the cost per hour, such as 87.65, with at most four decimal places.'];
        yield 'no bill' => [['bill' => 'much'], 'bill', 'billing rate'];
    }

    public function test_how_estimates_take_effect_is_set_and_audited(): void
    {
        $this->put('/office/remaining', ['mode' => 'approve', 'tolerance' => '2:30'])->assertSessionHasNoErrors();
        $organisation = Organisation::query()->sole();
        self::assertSame([EstimateMode::AfterApproval, 150], [$organisation->estimate_mode, $organisation->estimate_tolerance->toInt()]);
        $this->put('/office/remaining', ['mode' => 'approve', 'tolerance' => 'some'])->assertSessionHasErrors(['tolerance']);
        $this->put('/office/remaining', ['mode' => 'never', 'tolerance' => '1'])->assertSessionHasErrors(['mode']);

        self::assertSame(150, $organisation->refresh()->estimate_tolerance->toInt());
        self::assertSame(1, DB::table('audit_trail')->where('subject', 'setting')->where('name', 'remaining estimates')->count());
    }

    private function actualCost(): string
    {
        return $this->given('/projects/LENS')->text('project.figures.money.actualCost');
    }

    public function test_the_office_says_who_sees_cost(): void
    {
        $this->actingAs($this->person('kit'))->post('/office/rates/readers', ['reader' => 'Mo Fell'])->assertSessionHasNoErrors();
        self::assertTrue($this->person('mo')->sees_cost);
        $this->post('/office/rates/readers', ['reader' => 'vic'])->assertSessionHasErrors('reader');
        $this->post('/office/rates/readers', ['reader' => 'nobody'])->assertSessionHasErrors('reader');
        $this->post('/office/rates/readers', [])->assertSessionHasErrors('reader');
        $this->get('/office/rates')->assertInertia(fn (AssertableInertia $page) => $page->where('rates.readers', [['code' => 'mo', 'name' => 'Mo Fell']]));

        $this->delete('/office/rates/readers/mo')->assertSessionHasNoErrors();
        self::assertFalse($this->person('mo')->sees_cost);
        self::assertSame(['show cost', 'hide cost'], DB::table('audit_trail')->where('subject', 'access')->orderBy('id')->pluck('act')->all());
    }
}
