<?php

declare(strict_types=1);

namespace App\Features\OwnFieldSettings\Queries;

use App\Features\OwnFieldSettings\Props\OwnFieldRowProps;
use App\Features\OwnFieldSettings\Props\OwnFieldSettingsProps;
use App\Lookup\Props\OptionProps;
use App\Models\OwnField;
use App\Models\OwnFieldChoice;

/** Every own field as the office keeps it, in a fixed number of queries. */
final class OwnFieldSettings
{
    public static function of(?string $opened): OwnFieldSettingsProps
    {
        $fields = OwnField::query()->with('choices', 'team', 'client')->withExists('values as is_used')->orderBy('position')->orderBy('id')->get();

        return new OwnFieldSettingsProps(array_values(array_map(self::row(...), $fields->all())), $fields->contains('code', $opened) ? $opened : null);
    }

    private static function row(OwnField $field): OwnFieldRowProps
    {
        $team = $field->team;
        $client = $field->client;

        return new OwnFieldRowProps(
            $field->code, $field->name, $field->subject, $field->kind, $field->is_required, $field->starts_on?->toString(),
            $team === null ? null : new OptionProps($team->code, $team->name),
            $client === null ? null : new OptionProps($client->code, $client->name),
            array_values(array_map(static fn (OwnFieldChoice $choice): OptionProps => new OptionProps($choice->code, $choice->name), $field->choices->where('is_retired', false)->all())),
            $field->is_retired,
            (bool) $field->getAttribute('is_used'),
        );
    }
}
