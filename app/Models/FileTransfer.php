<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * Files that somebody imports or exports in the browser.
 *
 * @property int $id
 * @property TransferKind $kind
 * @property TransferState $state
 * @property int $person_id
 * @property string $begun_at
 * @property string|null $finished_at
 * @property array{files?: list<string>, from?: string|null, to?: string|null, replacesPlan?: bool} $options
 * @property array<string, array<string, int>> $report  counts by file
 * @property string $problem  why it failed or cannot be taken back, in a sentence
 * @property-read Person $person
 */
final class FileTransfer extends Model
{
    protected $table = 'file_transfers';

    public $timestamps = false;

    protected $fillable = ['kind', 'state', 'person_id', 'begun_at', 'finished_at', 'options', 'report', 'problem'];

    /** Where its files lie. */
    public function folder(): string
    {
        return storage_path('app/private/transfers/'.$this->id);
    }

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['kind' => TransferKind::class, 'state' => TransferState::class, 'options' => 'array', 'report' => 'array'];
    }
}
