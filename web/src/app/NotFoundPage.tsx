import { Link } from "react-router";
import { Shell } from "./Shell";
import { Message } from "./Message";

export function NotFoundPage() {
  return (
    <Shell>
      <Message title="Page not found">
        <p>
          There is no page at this address. <Link to="/">Go to the notebook</Link> to find your
          problems.
        </p>
      </Message>
    </Shell>
  );
}
