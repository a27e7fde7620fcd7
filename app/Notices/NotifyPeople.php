<?php

declare(strict_types=1);

namespace App\Notices;

use App\Models\Message;
use App\Models\MessagePreferences;
use App\Models\Person;
use App\Support\Clock\Today;
use App\Support\Database\Record;
use App\Support\Language\TextValues;
use Illuminate\Support\Facades\DB;

/**
 * Tells people things, each once and as they want it. Within the transaction of the act, so that what was done is told
 * and what was not is not.
 */
final readonly class NotifyPeople
{
    private const AT_ONCE = 500;

    public function __construct(private Today $today)
    {
    }

    /** @param  list<Notice>  $notices */
    public function of(array $notices): void
    {
        if ($notices === []) {
            return;
        }
        $settings = [];
        $people = array_values(array_unique(array_map(static fn (Notice $notice): int => $notice->person, $notices)));
        foreach (Record::all(Person::query()->toBase()->select('id', 'messages')->whereIntegerInRaw('id', $people)) as $person) {
            $settings[$person->int('id')] = MessagePreferences::read($person->string('messages'));
        }
        $at = $this->today->now()->format('Y-m-d\TH:i:s\Z');
        $rows = [];
        foreach ($notices as $notice) {
            $setting = $settings[$notice->person] ?? new MessagePreferences;
            [$inApp, $byMail] = [$setting->inApp($notice->kind), $setting->byMail($notice->kind)];
            if ($inApp || $byMail) {
                $rows[] = [
                    'person_id' => $notice->person, 'kind' => $notice->kind->value, 'at' => $at, 'text_values' => TextValues::stored($notice->values), 'link' => $notice->link,
                    'about' => $notice->about, 'in_app' => $inApp ? 1 : 0, 'by_mail' => $byMail ? 1 : 0,
                ];
            }
        }
        foreach (array_chunk($rows, 500) as $chunk) {
            Message::query()->insertOrIgnore($chunk);
        }
    }

    /**
     * Tells very many people the same sort of thing, some at a time: each message comes once however often it is begun again.
     *
     * @param  list<Notice>  $notices
     */
    public function many(array $notices): void
    {
        foreach (array_chunk($notices, self::AT_ONCE) as $chunk) {
            DB::transaction(fn () => $this->of($chunk));
        }
    }

    /** Takes back what was told about something, and of its parts, as far as nobody has read it. */
    public function takeBack(string $about): void
    {
        Message::query()->where('about', '>=', $about.' ')->where('about', '<', $about.'!')->whereNull('read_at')->whereNull('mailed_at')->delete();
    }
}
