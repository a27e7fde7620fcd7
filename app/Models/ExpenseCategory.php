<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\AsMoney;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Moss\Core\Expenses\LimitPer;
use Moss\Core\Expenses\TaxShare;
use Moss\Core\Expenses\TaxShares;
use Moss\Core\Money\Money;

/**
 * What is spent: how it is taxed, its limit, and who may use it.
 *
 * @property int $id
 * @property string $code
 * @property string $name
 * @property bool $active
 * @property bool $mileage  whether it is a distance at a rate per kilometre
 * @property bool $reclaims_tax  whether the project bears the net amount only
 * @property bool $charged  whether it is usually charged to the client
 * @property list<array{int, int}> $tax_shares  rate and share, in hundredths of a percent
 * @property Money|null $limit_cents
 * @property LimitPer $limit_per
 * @property-read Collection<int, Team> $teams  without any, everybody may use it
 * @property-read Collection<int, MileageRate> $mileageRates
 */
final class ExpenseCategory extends Model
{
    protected $table = 'expense_categories';

    public $timestamps = false;

    protected $attributes = ['active' => true, 'mileage' => false, 'reclaims_tax' => true, 'charged' => false, 'tax_shares' => '[[0,10000]]', 'limit_cents' => null, 'limit_per' => 'expense'];

    protected $fillable = ['code', 'name', 'active', 'mileage', 'reclaims_tax', 'charged', 'tax_shares', 'limit_cents', 'limit_per'];

    /** @return BelongsToMany<Team, $this> */
    public function teams(): BelongsToMany
    {
        return $this->belongsToMany(Team::class, 'expense_category_teams')->orderBy('name');
    }

    /** @return HasMany<MileageRate, $this> */
    public function mileageRates(): HasMany
    {
        return $this->hasMany(MileageRate::class)->orderBy('starts_on');
    }

    public function taxShares(): TaxShares
    {
        return TaxShares::of(array_map(static fn (array $share): TaxShare => new TaxShare(...$share), $this->tax_shares));
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['active' => 'boolean', 'mileage' => 'boolean', 'reclaims_tax' => 'boolean', 'charged' => 'boolean', 'tax_shares' => 'array', 'limit_cents' => AsMoney::class, 'limit_per' => LimitPer::class];
    }
}
