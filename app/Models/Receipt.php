<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A receipt that somebody has added.
 *
 * @property int $id
 * @property int $person_id
 * @property int|null $expense_id  null while it waits for one
 * @property string $file  its name in the folder of receipts
 * @property string $name  that under which it came
 * @property string $media_type
 * @property int $bytes
 * @property string $digest  of what came, SHA-256 in hexadecimal
 * @property ReceiptState $state
 * @property array<string, array{value: string, line: int, seen: string, sureness: int}> $reading  by field
 * @property bool $mailed
 * @property string $received_at
 * @property-read Person $person
 * @property-read Expense|null $expense
 */
final class Receipt extends Model
{
    protected $table = 'receipts';

    public $timestamps = false;

    protected $attributes = ['expense_id' => null, 'state' => 'unread', 'reading' => '{}', 'mailed' => false];

    protected $fillable = ['person_id', 'expense_id', 'file', 'name', 'media_type', 'bytes', 'digest', 'state', 'reading', 'mailed', 'received_at'];

    /** Where its bytes lie: outside the web root. */
    public function path(): string
    {
        return storage_path('app/private/receipts/'.$this->file);
    }

    public function isPicture(): bool
    {
        return $this->media_type !== 'application/pdf';
    }

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }

    /** @return BelongsTo<Expense, $this> */
    public function expense(): BelongsTo
    {
        return $this->belongsTo(Expense::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['state' => ReceiptState::class, 'reading' => 'array', 'mailed' => 'boolean'];
    }
}
