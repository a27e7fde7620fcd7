<?php

declare(strict_types=1);

namespace Tests\App\Expenses;

use App\Models\OwnField;
use App\Models\OwnFieldValue;
use Tests\App\Api\AsksWithToken;
use Tests\App\TestCase;

final class ExpensesByApiTest extends TestCase
{
    use AsksWithToken;
    use ExpensesHouse;

    public function test_programs_read_the_expenses_of_whoever_they_may_see(): void
    {
        $expense = $this->add(['currency' => 'CHF', 'amount' => '100', 'trip' => 'Skerry']);
        $this->add(['category' => 'car', 'distance' => '12.5', 'date' => '2026-06-17']);
        $field = OwnField::query()->create(['code' => 'purpose', 'name' => 'Purpose', 'subject' => 'expense', 'kind' => 'text']);
        OwnFieldValue::query()->create(['own_field_id' => $field->id, 'expense_id' => $expense->id, 'value' => 'Survey']);

        $answer = $this->ask('ada', 'GET', '/people/ada/expenses')->assertOk();
        self::assertSame(['ada-2026-06-15-1', 'ada-2026-06-17-1'], array_column((array) $answer->json('data'), 'code'));
        self::assertSame(['CHF', '100.00', '1.05', '105.00', 'Skerry', ['purpose' => 'Survey']], [$answer->json('data.0.currency'), $answer->json('data.0.amount'), $answer->json('data.0.exchangeRate'), $answer->json('data.0.ownAmount'), $answer->json('data.0.trip'), $answer->json('data.0.fields')]);
        self::assertSame(['12.5', '4.75'], [$answer->json('data.1.distance'), $answer->json('data.1.cost')]);
        self::assertCount(1, (array) $this->ask('lee', 'GET', '/people/ada/expenses?from=2026-06-16')->assertOk()->json('data'));
        $this->ask('bo', 'GET', '/people/ada/expenses')->assertForbidden();
        $this->ask('vic', 'GET', '/people/ada/expenses')->assertForbidden();
        $this->ask('ada', 'GET', '/people/ada/expenses?from=soon')->assertUnprocessable();
    }
}
