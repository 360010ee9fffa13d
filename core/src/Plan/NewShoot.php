<?php

declare(strict_types=1);

namespace FineFrame\Plan;

/** What is asked before a first plan stands: what is shot, with how many, where and when. */
final readonly class NewShoot
{
    /** So many a first setup takes; more are added on the floor. */
    public const MOST = ['interview' => 2, 'performance' => 4];

    /**
     * @param  string  $date  YYYY-MM-DD, or empty
     * @param  string  $from  HH:MM, or empty; the same of $to
     */
    public function __construct(
        public string $title,
        public string $place,
        public bool $isTalk = true,
        public int $people = 1,
        public string $date = '',
        public string $from = '',
        public string $to = '',
    ) {
    }

    public static function most(bool $isTalk): int
    {
        return self::MOST[$isTalk ? 'interview' : 'performance'];
    }

    public function kind(): ShootKind
    {
        return match (true) {
            $this->isTalk && $this->people === 1 => ShootKind::Talk,
            $this->isTalk => ShootKind::TalkOfTwo,
            $this->people === 1 => ShootKind::Solo,
            $this->people === 2 => ShootKind::Duo,
            default => ShootKind::Band,
        };
    }
}
