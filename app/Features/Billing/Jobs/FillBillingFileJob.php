<?php

declare(strict_types=1);

namespace App\Features\Billing\Jobs;

use App\Features\Billing\Actions\FillBillingFile;
use App\Models\BillingFile;
use Illuminate\Contracts\Queue\ShouldBeUnique;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

/** Fills a billing file. */
final class FillBillingFileJob implements ShouldBeUnique, ShouldQueue
{
    use Queueable;

    public int $tries = 3;

    public int $timeout = 600;

    public int $uniqueFor = 610;

    public function __construct(public readonly int $file)
    {
    }

    public function uniqueId(): string
    {
        return (string) $this->file;
    }

    public function handle(FillBillingFile $fill): void
    {
        $file = BillingFile::query()->find($this->file);
        if ($file !== null) {
            $fill->handle($file);
        }
    }
}
