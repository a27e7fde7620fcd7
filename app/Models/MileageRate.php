<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\AsDay;
use Moss\Core\Calendar\Day;
use Moss\Core\Expenses\MileageRate as CoreMileageRate;

/**
 * What a kilometre costs from a day on.
 *
 * @property int $id
 * @property int $expense_category_id
 * @property Day $starts_on
 * @property string $rate  a decimal
 */
final class MileageRate extends Model
{
    protected $table = 'mileage_rates';

    public $timestamps = false;

    protected $fillable = ['expense_category_id', 'starts_on', 'rate'];

    public function rate(): CoreMileageRate
    {
        return CoreMileageRate::of($this->starts_on, $this->rate);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['starts_on' => AsDay::class];
    }
}
