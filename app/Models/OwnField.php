<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\AsDay;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Moss\Core\Calendar\Day;
use Moss\Core\OwnFields\FieldChoice;
use Moss\Core\OwnFields\FieldKind;
use Moss\Core\OwnFields\FieldSubject;
use Moss\Core\OwnFields\OwnField as CoreField;

/**
 * A field that the organisation added to entries, tasks, projects or people.
 *
 * @property int $id
 * @property string $code
 * @property string $name
 * @property FieldSubject $subject
 * @property FieldKind $kind
 * @property bool $is_required
 * @property Day|null $starts_on
 * @property int|null $team_id  of whose people it is asked; null for everybody
 * @property int|null $client_id  on whose projects it is asked; null for all
 * @property bool $is_retired  no longer asked; what it holds stays
 * @property int $position
 * @property-read Team|null $team
 * @property-read Client|null $client
 * @property-read Collection<int, OwnFieldChoice> $choices
 */
final class OwnField extends Model
{
    protected $table = 'own_fields';

    public $timestamps = false;

    protected $fillable = ['code', 'name', 'subject', 'kind', 'is_required', 'starts_on', 'team_id', 'client_id', 'is_retired', 'position'];

    /** @return BelongsTo<Team, $this> */
    public function team(): BelongsTo
    {
        return $this->belongsTo(Team::class);
    }

    /** @return BelongsTo<Client, $this> */
    public function client(): BelongsTo
    {
        return $this->belongsTo(Client::class);
    }

    /** @return HasMany<OwnFieldChoice, $this> */
    public function choices(): HasMany
    {
        return $this->hasMany(OwnFieldChoice::class)->orderBy('position')->orderBy('id');
    }

    /** @return HasMany<OwnFieldValue, $this> */
    public function values(): HasMany
    {
        return $this->hasMany(OwnFieldValue::class);
    }

    /** The field as the rules know it. */
    public function field(): CoreField
    {
        return new CoreField($this->code, $this->name, $this->subject, $this->kind, $this->is_required, $this->starts_on, $this->team?->code, $this->client?->code, array_values(array_map(
            static fn (OwnFieldChoice $choice): FieldChoice => new FieldChoice($choice->code, $choice->name, $choice->is_retired), $this->choices->all(),
        )));
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['subject' => FieldSubject::class, 'kind' => FieldKind::class, 'is_required' => 'boolean', 'starts_on' => AsDay::class, 'is_retired' => 'boolean'];
    }
}
