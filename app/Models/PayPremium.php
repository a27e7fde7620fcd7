<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;
use Moss\Core\Pay\PayPremium as CorePayPremium;

/**
 * A kind of pay that people choose for their time themselves, such as stand-by or a late shift.
 *
 * @property int $id
 * @property string $code
 * @property string $name
 * @property bool $active
 * @property bool $is_work  whether its minutes count towards the thresholds of pay rules
 * @property int $cost_percent  what a minute costs, of what a regular one costs
 * @property-read Collection<int, Team> $teams  whose people may use it; without any team or person, everybody may
 * @property-read Collection<int, Person> $people
 */
final class PayPremium extends Model
{
    /** As codes are written, never numbers, which keys of arrays would not keep as texts; a premium keeps its own. */
    public const CODE = '/^[a-z][a-z0-9-]{0,31}$/D';

    public $timestamps = false;

    protected $table = 'pay_premiums';

    protected $attributes = ['active' => true, 'is_work' => false, 'cost_percent' => 100];

    protected $fillable = ['code', 'name', 'active', 'is_work', 'cost_percent'];

    /** @return BelongsToMany<Team, $this> */
    public function teams(): BelongsToMany
    {
        return $this->belongsToMany(Team::class, 'pay_premium_teams')->orderBy('name');
    }

    /** @return BelongsToMany<Person, $this> */
    public function people(): BelongsToMany
    {
        return $this->belongsToMany(Person::class, 'pay_premium_people')->orderBy('name');
    }

    public function premium(): CorePayPremium
    {
        return new CorePayPremium($this->code, $this->is_work);
    }

    public function mayBeUsedBy(Person $person): bool
    {
        return $this->active && (($this->teams->isEmpty() && $this->people->isEmpty()) || $this->teams->contains('id', $person->team_id) || $this->people->contains('id', $person->id));
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['active' => 'boolean', 'is_work' => 'boolean'];
    }
}
