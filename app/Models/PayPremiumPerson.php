<?php

declare(strict_types=1);

namespace App\Models;

/**
 * Somebody who may use a premium.
 *
 * @property int $id
 * @property int $pay_premium_id
 * @property int $person_id
 */
final class PayPremiumPerson extends Model
{
    public $timestamps = false;

    protected $table = 'pay_premium_people';

    protected $fillable = ['pay_premium_id', 'person_id'];
}
