<?php

declare(strict_types=1);

namespace App\Support\Trail\Console;

use App\Support\Trail\TrailChain;
use App\Support\Words;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;

/** Looks whether the trail is as it was written. */
final class TrailCommand extends Command
{
    protected $signature = 'moss:trail {act : verify}';

    protected $description = 'Verify that no line of the trail was changed, taken out or put in';

    public function handle(): int
    {
        if ($this->argument('act') !== 'verify') {
            $this->error(Words::of('commands.trail_act', ['act' => (string) $this->argument('act')]));

            return self::FAILURE;
        }
        $broken = TrailChain::firstBroken();
        if ($broken !== null) {
            $this->error(Words::of('commands.trail_broken', ['line' => $broken]));

            return self::FAILURE;
        }
        // Whoever keeps the last hash elsewhere also sees when the end of the trail was cut off.
        $this->line(Words::of('commands.trail_whole', ['count' => DB::table('trail')->count(), 'hash' => TrailChain::head()]));

        return self::SUCCESS;
    }
}
