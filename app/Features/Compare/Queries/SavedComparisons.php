<?php

declare(strict_types=1);

namespace App\Features\Compare\Queries;

use App\Features\Compare\Props\ComparisonVersionProps;
use App\Features\Compare\Props\MailingProps;
use App\Features\Compare\Props\SavedComparisonProps;
use App\Features\Compare\Props\SavedOnPageProps;
use App\Lookup\Props\OptionProps;
use App\Models\ComparisonMailing;
use App\Models\FrontPageComparison;
use App\Models\Person;
use App\Models\SavedComparison;
use App\Models\SavedComparisonReader;
use App\Models\SavedComparisonVersion;
use App\Support\Database\Record;
use Illuminate\Support\Facades\Gate;
use Moss\Core\Calendar\Day;

/** Saved comparisons that somebody may read: their own and those shared with them. */
final class SavedComparisons
{
    /** Versions of each that are shown. */
    private const VERSIONS = 10;

    /** @return list<SavedComparisonProps> those of the front page in their order, then the others by name; in a fixed number of queries */
    public function of(Person $reader, Day $today): array
    {
        $places = self::places($reader);
        $comparisons = SavedComparison::query()->readableBy($reader)->with('owner:id,name', 'readers.person:id,code,name', 'readers.team:id,code,name')->orderBy('name')->orderBy('id')->get();
        $mailings = ComparisonMailing::query()->where('person_id', $reader->id)->get()->keyBy('saved_comparison_id');
        $versions = self::versions($comparisons->modelKeys());
        $props = array_map(static function (SavedComparison $saved) use ($reader, $today, $places, $mailings, $versions): SavedComparisonProps {
            $asked = ComparisonAddress::saved($saved->address)->question($reader, $today);
            $mailing = $mailings->get($saved->id);

            return new SavedComparisonProps(
                $saved->id, $saved->name, $saved->owner->name, $saved->owner_id === $reader->id, $saved->owner_id === $reader->id || $reader->isOffice(), $saved->address,
                $asked->period, $asked->terms->days->first()->toString(), $asked->terms->days->last()->toString(),
                $saved->sharing, self::readers($saved), $saved->version,
                $mailing === null ? null : new MailingProps($mailing->rhythm, $mailing->day),
                $places[$saved->id] ?? null,
                $versions[$saved->id] ?? [],
            );
        }, array_values($comparisons->all()));
        usort($props, static fn (SavedComparisonProps $one, SavedComparisonProps $other): int => ($one->place ?? PHP_INT_MAX) <=> ($other->place ?? PHP_INT_MAX));

        return $props;
    }

    /** The saved comparison to which a page belongs; null where there is none that the reader may read. */
    public function onPage(Person $reader, ?int $id, ComparisonQuestion $asked, Day $today): ?SavedOnPageProps
    {
        $saved = $id === null ? null : SavedComparison::query()->readableBy($reader)->with('owner:id,name')->find($id);
        if (! $saved instanceof SavedComparison) {
            return null;
        }
        $kept = ComparisonAddress::saved($saved->address)->question($reader, $today);

        return new SavedOnPageProps(
            $saved->id, $saved->name, $saved->owner->name, $saved->owner_id === $reader->id, Gate::forUser($reader)->allows('change', $saved),
            ComparisonAddress::written($kept) !== ComparisonAddress::written($asked), $saved->version,
        );
    }

    /** @return array<int, int> places on the front page by the number of the comparison */
    private static function places(Person $reader): array
    {
        $places = [];
        foreach (Record::all(FrontPageComparison::query()->toBase()->where('person_id', $reader->id)->orderBy('place')->select('saved_comparison_id', 'place')) as $row) {
            $places[$row->int('saved_comparison_id')] = $row->int('place');
        }

        return $places;
    }

    /** @return list<OptionProps> */
    private static function readers(SavedComparison $saved): array
    {
        return array_values($saved->readers->map(static fn (SavedComparisonReader $reader): OptionProps => $reader->person === null
            ? new OptionProps('team:'.$reader->team?->code, $reader->team->name ?? '')
            : new OptionProps('person:'.$reader->person->code, $reader->person->name))->all());
    }

    /**
     * @param  array<array-key, mixed>  $comparisons
     * @return array<int, list<ComparisonVersionProps>>
     */
    private static function versions(array $comparisons): array
    {
        $versions = [];
        $query = SavedComparisonVersion::query()->toBase()->join('people', 'people.id', 'saved_comparison_versions.changed_by_id')->whereIn('saved_comparison_id', $comparisons)
            ->orderByDesc('number')->select('saved_comparison_id', 'number', 'saved_comparison_versions.name', 'address', 'people.name AS by', 'changed_at');
        foreach (Record::all($query) as $row) {
            if (count($versions[$row->int('saved_comparison_id')] ?? []) < self::VERSIONS) {
                $versions[$row->int('saved_comparison_id')][] = new ComparisonVersionProps($row->int('number'), $row->string('name'), $row->string('address'), $row->string('by'), $row->string('changed_at'));
            }
        }

        return $versions;
    }
}
