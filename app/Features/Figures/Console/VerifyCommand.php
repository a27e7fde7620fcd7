<?php

declare(strict_types=1);

namespace App\Features\Figures\Console;

use App\Features\Figures\Actions\MendFigures;
use App\Features\Figures\Queries\VerifiedFigures;
use App\Support\Console\WritesErrors;
use App\Support\Words;
use Illuminate\Console\Command;

final class VerifyCommand extends Command
{
    use WritesErrors;

    /** Differences said one by one; the count is of all. */
    private const SHOWN = 50;

    protected $signature = 'moss:verify {--mend : Work all kept figures out anew first}';

    protected $description = 'Work the kept figures out again from the entries and say where they differ';

    public function handle(VerifiedFigures $figures, MendFigures $mend): int
    {
        if ($this->option('mend') === true) {
            $mend->handle();
        }
        $count = 0;
        foreach ($figures->differences() as $one) {
            if ($count++ < self::SHOWN) {
                $this->complain(Words::of('commands.figure_differs', ['table' => $one->table, 'key' => $one->key, 'column' => $one->column, 'kept' => $one->kept, 'found' => $one->found]));
            }
        }
        if ($count > 0) {
            $this->complain(Words::of('commands.figures_differ', ['count' => $count]));

            return self::FAILURE;
        }
        $this->line(Words::of('commands.figures_agree'));

        return self::SUCCESS;
    }
}
