import { pictureBox, type PictureMark } from '../../../core/drawing/start/pictures';

/** A small picture of an answer; it is told in words beside it. */
export function StartPicture({ marks }: { marks: readonly PictureMark[] }) {
  const { w, h } = pictureBox;
  return (
    <svg className="start-picture" width={w} height={h} viewBox={`0 0 ${w} ${h}`} aria-hidden>
      {marks.map(({ d, look }, i) => (
        <path key={i} d={d} className={`picture-${look}`} />
      ))}
    </svg>
  );
}
