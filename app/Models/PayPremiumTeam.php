<?php

declare(strict_types=1);

namespace App\Models;

/**
 * A team whose people may use a premium.
 *
 * @property int $id
 * @property int $pay_premium_id
 * @property int $team_id
 */
final class PayPremiumTeam extends Model
{
    protected $table = 'pay_premium_teams';

    public $timestamps = false;

    protected $fillable = ['pay_premium_id', 'team_id'];
}
