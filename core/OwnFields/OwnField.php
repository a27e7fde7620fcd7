<?php

declare(strict_types=1);

namespace Moss\Core\OwnFields;

use Brick\Math\BigDecimal;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\NotADay;

/**
 * A field that the organisation added. Its values are stored as text: a number as a plain decimal, a date as `YYYY-MM-DD`,
 * a choice as its code, yes or no as `yes` or `no`. An empty text is no value.
 */
final readonly class OwnField
{
    /** The longest text, in characters. */
    public const LONGEST = 200;

    /** A number has at most so many digits before and after its point. */
    private const NUMBER = '/^(-?\d{1,12})(?:[.,](\d{1,6}))?$/D';

    /**
     * @param  bool  $isRequired  whether it has to be filled in wherever it is asked
     * @param  Day|null  $from  the first day on which it is asked; null for always
     * @param  string|null  $team  of whose people it is asked; null for everybody
     * @param  string|null  $client  on whose projects it is asked; null for all
     * @param  list<FieldChoice>  $choices  in their order; none but for fields with choices
     */
    public function __construct(
        public string $code,
        public string $name,
        public FieldSubject $subject,
        public FieldKind $kind,
        public bool $isRequired = false,
        public ?Day $from = null,
        public ?string $team = null,
        public ?string $client = null,
        public array $choices = [],
    ) {
    }

    /**
     * Whether it is asked of something.
     *
     * @param  Day|null  $day  null for what belongs to no day
     * @param  string|null  $team  of the person, if any
     * @param  string|null  $client  of the project, if any
     */
    public function asks(?Day $day, ?string $team, ?string $client): bool
    {
        return ($this->from === null || $day === null || ! $day->isBefore($this->from))
            && ($this->team === null || $this->team === $team)
            && ($this->client === null || $this->client === $client);
    }

    /**
     * What is stored of a text as typed or pasted: a choice may be given by its code or name, a number with a point or a comma.
     *
     * @param  string  $held  what is held already, which may stay although its choice is retired
     *
     * @throws OwnFieldRefused
     */
    public function read(string $text, string $held = ''): string
    {
        $text = trim((string) preg_replace('/\s+/u', ' ', $text));
        if ($text === '' || $text === $held) {
            return $text;
        }

        return match ($this->kind) {
            FieldKind::Text => mb_strlen($text) <= self::LONGEST && preg_match('/\p{C}/u', $text) === 0 ? $text : null,
            FieldKind::Number => self::number($text),
            FieldKind::Choice => $this->choice($text),
            FieldKind::YesNo => in_array(mb_strtolower($text), ['yes', 'no'], true) ? mb_strtolower($text) : null,
            FieldKind::Date => self::day($text),
        } ?? throw OwnFieldRefused::text($this, $text);
    }

    /** What a stored value is called: the name of a choice, else the value itself. */
    public function nameOf(string $value): string
    {
        foreach ($this->choices as $choice) {
            if ($choice->code === $value) {
                return $choice->name;
            }
        }

        return $value;
    }

    private function choice(string $text): ?string
    {
        foreach ($this->choices as $choice) {
            if (! $choice->isRetired && ($choice->code === $text || mb_strtolower($choice->name) === mb_strtolower($text))) {
                return $choice->code;
            }
        }

        return null;
    }

    private static function number(string $text): ?string
    {
        return preg_match(self::NUMBER, $text) === 1 ? (string) BigDecimal::of(strtr($text, ',', '.'))->stripTrailingZeros() : null;
    }

    private static function day(string $text): ?string
    {
        try {
            return Day::of($text)->toString();
        } catch (NotADay) {
            return null;
        }
    }
}
