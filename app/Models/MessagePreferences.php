<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Contracts\Database\Eloquent\Castable;
use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;

/** What a person wants to be told how, and at which hours of their own day. */
final readonly class MessagePreferences implements Castable
{
    public const MORNING = 8;

    public const END_OF_DAY = 17;

    /**
     * @param  list<string>  $notInApp  kinds that are not listed in the application
     * @param  list<string>  $notByMail  kinds that are not mailed
     * @param  int  $hour  of the morning's mail, 0 to 23
     * @param  int  $dayReminderHour  of the day reminder at the end of the working day, 0 to 23
     */
    public function __construct(
        public array $notInApp = [],
        public array $notByMail = ['decided'],
        public int $hour = self::MORNING,
        public int $dayReminderHour = self::END_OF_DAY,
    ) {
    }

    public function inApp(MessageKind $kind): bool
    {
        return $kind->isAlwaysTold() || ! in_array($kind->value, $this->notInApp, true);
    }

    public function byMail(MessageKind $kind): bool
    {
        return $kind->isAlwaysTold() || ! in_array($kind->value, $this->notByMail, true);
    }

    public static function read(?string $json): self
    {
        $stored = $json === null ? [] : json_decode($json, true);
        $stored = is_array($stored) ? $stored : [];
        $usual = new self;
        $list = static fn (string $name, array $otherwise): array => is_array($stored[$name] ?? null) ? array_values(array_filter($stored[$name], is_string(...))) : array_values(array_filter($otherwise, is_string(...)));
        $hour = static fn (string $name, int $otherwise): int => is_int($stored[$name] ?? null) && $stored[$name] >= 0 && $stored[$name] <= 23 ? $stored[$name] : $otherwise;

        return new self($list('notInApp', $usual->notInApp), $list('notByMail', $usual->notByMail), $hour('hour', $usual->hour), $hour('dayReminderHour', $usual->dayReminderHour));
    }

    /**
     * @param  array<string, mixed>  $arguments
     * @return CastsAttributes<self, self>
     */
    public static function castUsing(array $arguments): CastsAttributes
    {
        return new class implements CastsAttributes
        {
            public function get(Model $model, string $key, mixed $value, array $attributes): MessagePreferences
            {
                return MessagePreferences::read(is_string($value) ? $value : null);
            }

            public function set(Model $model, string $key, mixed $value, array $attributes): string
            {
                return json_encode($value, JSON_THROW_ON_ERROR);
            }
        };
    }
}
