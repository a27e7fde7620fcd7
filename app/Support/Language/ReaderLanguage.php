<?php

declare(strict_types=1);

namespace App\Support\Language;

use App\Models\Person;
use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\App;
use Illuminate\Support\Number;

/** In which language sentences are read, and in which locale their numbers and dates are written. */
final class ReaderLanguage
{
    /** For the rest of a request: as its reader has set it, else as the browser asks. */
    public static function use(?Person $reader, Request $request): void
    {
        self::set(
            $reader->language ?? config()->string('app.locale'),
            $reader->locale ?? $request->getPreferredLanguage(self::locales()) ?? config()->string('languages.default_locale'),
        );
    }

    /**
     * For what is written to somebody who is not there, such as an email.
     *
     * @template T
     *
     * @param  Closure(): T  $write
     * @return T
     */
    public static function of(Person $reader, Closure $write): mixed
    {
        [$language, $locale] = [App::getLocale(), Number::defaultLocale()];
        self::set($reader->language, $reader->locale ?? config()->string('languages.default_locale'));
        try {
            return $write();
        } finally {
            self::set($language, $locale);
        }
    }

    /** @return list<string> the locales that can be chosen, the default first */
    public static function locales(): array
    {
        return array_values(array_unique([config()->string('languages.default_locale'), ...array_filter(config()->array('languages.locales'), is_string(...))]));
    }

    /** @return list<string> the languages that can be chosen */
    public static function languages(): array
    {
        return array_values(array_filter(config()->array('languages.available'), is_string(...)));
    }

    private static function set(string $language, string $locale): void
    {
        App::setLocale(in_array($language, self::languages(), true) ? $language : config()->string('app.fallback_locale'));
        Number::useLocale(str_replace('_', '-', $locale));
    }
}
