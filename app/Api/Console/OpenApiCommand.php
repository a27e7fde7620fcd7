<?php

declare(strict_types=1);

namespace App\Api\Console;

use App\Api\OpenApi\Document;
use Illuminate\Console\Command;
use Symfony\Component\Console\Output\OutputInterface;

/** Prints the OpenAPI document, as programs get it. */
final class OpenApiCommand extends Command
{
    protected $signature = 'moss:openapi';

    protected $description = 'Print the OpenAPI document of the API';

    protected $help = <<<'HELP'
        Example:
          php artisan moss:openapi > openapi.json
        HELP;

    public function handle(Document $document): int
    {
        $this->output->write(json_encode($document->toArray(), JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE)."\n", false, OutputInterface::OUTPUT_RAW);

        return self::SUCCESS;
    }
}
