<?php

declare(strict_types=1);

namespace App\Features\PersonalData\Console;

use App\Features\PersonalData\Actions\AnonymisationRefused;
use App\Features\PersonalData\Actions\AnonymisePerson;
use App\Features\PersonalData\Queries\LongGonePeople;
use App\Support\Clock\Today;
use App\Support\Language\Wording;
use Illuminate\Console\Command;

/** Anonymises whoever left longer ago than the organisation says. */
final class AnonymiseCommand extends Command
{
    protected $signature = 'moss:anonymise';

    protected $description = 'Anonymise the people who left longer ago than the time office set';

    protected $help = <<<'HELP'
        Example:
          php artisan moss:anonymise
        HELP;

    public function handle(AnonymisePerson $anonymise, Today $today): int
    {
        $count = 0;
        foreach (LongGonePeople::on($today->in('UTC'))?->get() ?? [] as $person) {
            try {
                $anonymise->handle(null, $person);
                $count++;
            } catch (AnonymisationRefused $refused) {
                $this->line($person->code.': '.$refused->getMessage());
            }
        }
        $this->line(Wording::choice('personal.done', $count));

        return self::SUCCESS;
    }
}
