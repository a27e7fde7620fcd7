<?php

declare(strict_types=1);

namespace App\Exchange\Kinds;

use App\ChargeCodes\Compositions;
use App\Exchange\ExchangeText;
use App\Exchange\FileKind;
use App\Exchange\FileProblem;
use App\Models\Client;
use Moss\Core\ChargeCodes\CompositionRefused;

/** What a client's charge codes are composed of, in three files that must make sense together. */
abstract class ChargeCodeKind extends FileKind
{
    /** @var array<int, int> lines by client */
    private array $lines = [];

    public function isLeftOutWhenEmpty(): bool
    {
        return true;
    }

    public function checkAgainst(array $drafts, array $existing): array
    {
        foreach ($drafts as $draft) {
            $this->lines[(int) $draft->attributes['client_id']] ??= $draft->row->line;
        }

        return [];
    }

    public function checkWritten(): array
    {
        $problems = [];
        // Each client by itself, so that one does not hide what is wrong with another; few compose charge codes.
        foreach (Client::query()->whereIntegerInRaw('id', array_keys($this->lines))->get() as $client) {
            try {
                Compositions::of([$client->id]);
            } catch (CompositionRefused $refused) {
                $problems[] = new FileProblem($this->file(), $this->lines[$client->id], null, $refused->text, ExchangeText::get('expected.composition'));
            }
        }

        return $problems;
    }
}
