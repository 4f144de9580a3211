import Link from 'next/link';

export default function NotFound() {
  return (
    <main className="page">
      <h1>Not here</h1>
      <p>There is no such page in this workshop.</p>
      <p>
        <Link className="button" style={{ marginTop: 14 }} href="/">
          To the bay
        </Link>
      </p>
    </main>
  );
}
