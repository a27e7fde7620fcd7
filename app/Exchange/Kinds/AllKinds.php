<?php

declare(strict_types=1);

namespace App\Exchange\Kinds;

use App\Exchange\FileKind;

/** Every kind of exchange file, in the order in which they are listed, checked and written. */
final class AllKinds
{
    /** @return list<FileKind> */
    public static function list(): array
    {
        return [
            new CalendarsKind,
            new OrganisationKind,
            new TeamsKind,
            new RolesKind,
            new PeopleKind,
            new RatesKind,
            new ClientsKind,
            new ProjectsKind,
            new TasksKind,
            new AssignmentsKind,
            new AbsenceKindsKind,
            new AbsencesKind,
            new EntriesKind,
            new PayPremiumsKind,
            new PayPremiumTeamsKind,
            new PayPremiumPeopleKind,
            new EntryPayKindsKind,
            new EntryPayChoicesKind,
            new CurrenciesKind,
            new ExchangeRatesKind,
            new ExpenseCategoriesKind,
            new ExpenseCategoryTeamsKind,
            new MileageRatesKind,
            new ExpensesKind,
            new OwnFieldsKind,
            new OwnFieldChoicesKind,
            new OwnFieldValuesKind,
            new ChargeCodePartsKind,
            new ChargeCodeValuesKind,
            new ChargeCodeCombinationsKind,
            new RemainingEstimatesKind,
            new StandInsKind,
            new SettingsKind,
            new HouseRulesKind,
            new PayRulesKind,
            new QuestionsKind,
            new RecordersKind,
            new PersonDetailsKind,
            new TeamDetailsKind,
            new RoleDetailsKind,
            new ClientDetailsKind,
            new ClientContactsKind,
            new LeaveAllowancesKind,
            new LeaveRequestsKind,
        ];
    }
}
