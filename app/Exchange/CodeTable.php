<?php

declare(strict_types=1);

namespace App\Exchange;

/** The tables whose rows are known by a code. */
enum CodeTable: string
{
    case Calendars = 'calendars';
    case Teams = 'teams';
    case People = 'people';
    case Roles = 'roles';
    case Clients = 'clients';
    case Projects = 'projects';
    case OwnFields = 'own_fields';
    case ExpenseCategories = 'expense_categories';
    case Currencies = 'currencies';
    case Expenses = 'expenses';
    case PayPremiums = 'pay_premiums';

    /** What one of them is called in a sentence. */
    public function singular(): string
    {
        return ExchangeText::get('code_of.'.$this->value);
    }
}
